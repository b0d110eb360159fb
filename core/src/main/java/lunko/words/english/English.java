package lunko.words.english;

import lunko.words.CompareSentences;
import lunko.words.Counts;
import lunko.words.EditSentences;
import lunko.words.FileSentences;
import lunko.words.Glossary;
import lunko.words.HandoutSentences;
import lunko.words.KeySentences;
import lunko.words.Language;
import lunko.words.MatchSentences;
import lunko.words.MistakeSentences;
import lunko.words.Names;
import lunko.words.PageSentences;
import lunko.words.PracticeSentences;
import lunko.words.Problems;
import lunko.words.QuestionSentences;
import lunko.words.RephrasingSentences;
import lunko.words.ResultSentences;
import lunko.words.StageSentences;

/** English. */
public record English(Names names, Counts counts) implements Language {

    /** The language. */
    public static English language() {
        return new English(new EnglishNames(), new EnglishCounts());
    }

    @Override
    public MatchSentences matching() {
        return new EnglishMatching(names);
    }

    @Override
    public CompareSentences comparing() {
        return new EnglishComparing(names);
    }

    @Override
    public StageSentences stages() {
        return new EnglishStages(names);
    }

    @Override
    public ResultSentences results() {
        return new EnglishResults(names, counts);
    }

    @Override
    public KeySentences keys() {
        return new EnglishKeys(names);
    }

    @Override
    public EditSentences edits() {
        return new EnglishEdits(names);
    }

    @Override
    public RephrasingSentences rephrasings() {
        return new EnglishRephrasings(names);
    }

    @Override
    public PracticeSentences practice() {
        return new EnglishPractice(names);
    }

    @Override
    public PageSentences pages() {
        return new EnglishPages();
    }

    @Override
    public MistakeSentences mistakes() {
        return new EnglishMistakes();
    }

    @Override
    public QuestionSentences questions() {
        return new EnglishQuestions();
    }

    @Override
    public HandoutSentences handouts() {
        return new EnglishHandouts();
    }

    @Override
    public Problems problems() {
        return new EnglishProblems(names);
    }

    @Override
    public FileSentences files() {
        return new EnglishFiles(names);
    }

    @Override
    public Glossary glossary() {
        return new EnglishGlossary();
    }
}
