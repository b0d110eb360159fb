package lunko.words;

/** A language: all subjects of which Lunko has something to say. What an implementation lacks, the compiler names. */
public interface Language {

    /** What things are called. */
    Names names();

    /** Numbers and lists of things. */
    Counts counts();

    /** How rows are matched. */
    MatchSentences matching();

    /** What comes of comparing two rows. */
    CompareSentences comparing();

    /** What a query does after joining. */
    StageSentences stages();

    /** What is in a result and why, and how it compares with another. */
    ResultSentences results();

    /** What can be said of key columns. */
    KeySentences keys();

    /** What is done to a lesson. */
    EditSentences edits();

    /** Other ways to write a query. */
    RephrasingSentences rephrasings();

    /** What a class is asked. */
    QuestionSentences questions();

    /** What stands on pictures and papers that are handed out. */
    HandoutSentences handouts();

    /** What is said to somebody who practises. */
    PracticeSentences practice();

    /** What stands on the page that learners are given. */
    PageSentences pages();

    /** What learners do wrong. */
    MistakeSentences mistakes();

    /** What cannot be done. */
    Problems problems();

    /** What files hold and do not hold. */
    FileSentences files();

    /** The words that a learner has to know. */
    Glossary glossary();
}
