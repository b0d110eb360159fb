package lunko.desktop.words.english;

import lunko.desktop.words.AskWords;
import lunko.desktop.words.BuildWords;
import lunko.desktop.words.CommandWords;
import lunko.desktop.words.GenerateWords;
import lunko.desktop.words.HandoutWords;
import lunko.desktop.words.ImportWords;
import lunko.desktop.words.KindWords;
import lunko.desktop.words.LessonWords;
import lunko.desktop.words.LinkWords;
import lunko.desktop.words.PictureWords;
import lunko.desktop.words.QueryWords;
import lunko.desktop.words.ResultGridWords;
import lunko.desktop.words.SceneWords;
import lunko.desktop.words.SheetWords;
import lunko.desktop.words.ShowWords;
import lunko.desktop.words.SpeakerWords;
import lunko.desktop.words.Speech;
import lunko.desktop.words.StepWords;
import lunko.desktop.words.TableWords;
import lunko.desktop.words.TaskWords;
import lunko.desktop.words.WindowWords;
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
import lunko.words.english.English;

/** English. */
public record EnglishSpeech(Language core) implements Speech {

    /** The language. */
    public EnglishSpeech() {
        this(English.language());
    }

    @Override
    public String tag() {
        return "en";
    }

    @Override
    public Names names() {
        return core.names();
    }

    @Override
    public Counts counts() {
        return core.counts();
    }

    @Override
    public MatchSentences matching() {
        return core.matching();
    }

    @Override
    public CompareSentences comparing() {
        return core.comparing();
    }

    @Override
    public StageSentences stages() {
        return core.stages();
    }

    @Override
    public ResultSentences results() {
        return core.results();
    }

    @Override
    public KeySentences keys() {
        return core.keys();
    }

    @Override
    public EditSentences edits() {
        return core.edits();
    }

    @Override
    public RephrasingSentences rephrasings() {
        return core.rephrasings();
    }

    @Override
    public Problems problems() {
        return core.problems();
    }

    @Override
    public FileSentences files() {
        return core.files();
    }

    @Override
    public TableWords tables() {
        return new EnglishTables(names());
    }

    @Override
    public ImportWords imports() {
        return new EnglishImport(names());
    }

    @Override
    public LinkWords links() {
        return new EnglishLinks(names());
    }

    @Override
    public GenerateWords generating() {
        return new EnglishGenerating(names());
    }

    @Override
    public StepWords steps() {
        return new EnglishSteps(names());
    }

    @Override
    public KindWords kinds() {
        return new EnglishKinds(names());
    }

    @Override
    public PictureWords pictures() {
        return new EnglishPictures(names());
    }

    @Override
    public ResultGridWords resultGrid() {
        return new EnglishResultGrid(names());
    }

    @Override
    public QueryWords query() {
        return new EnglishQueries(names());
    }

    @Override
    public ShowWords show() {
        return new EnglishShow(names());
    }

    @Override
    public BuildWords building() {
        return new EnglishBuilding(names());
    }

    @Override
    public SheetWords sheets() {
        return new EnglishSheets(names());
    }

    @Override
    public TaskWords tasks() {
        return new EnglishTasks();
    }

    @Override
    public SceneWords scenes() {
        return new EnglishScenes(names());
    }

    @Override
    public MistakeSentences mistakes() {
        return core.mistakes();
    }

    @Override
    public HandoutSentences handouts() {
        return core.handouts();
    }

    @Override
    public PageSentences pages() {
        return core.pages();
    }

    @Override
    public PracticeSentences practice() {
        return core.practice();
    }

    @Override
    public QuestionSentences questions() {
        return core.questions();
    }

    @Override
    public AskWords asking() {
        return new EnglishAsking(names());
    }

    @Override
    public HandoutWords handingOut() {
        return new EnglishHandingOut();
    }

    @Override
    public SpeakerWords speaker() {
        return new EnglishSpeaker();
    }

    @Override
    public LessonWords lesson() {
        return new EnglishLessons(names());
    }

    @Override
    public WindowWords window() {
        return new EnglishWindow(names());
    }

    @Override
    public CommandWords command() {
        return new EnglishCommands(names());
    }

    @Override
    public Glossary glossary() {
        return core.glossary();
    }
}
