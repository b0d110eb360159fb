package lunko.desktop.words;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.util.List;
import lunko.desktop.words.english.EnglishSpeech;
import lunko.phrase.Phrase;
import lunko.phrase.Tone;
import lunko.words.CompareSentences;
import lunko.words.Counts;
import lunko.words.EditSentences;
import lunko.words.FileSentences;
import lunko.words.Glossary;
import lunko.words.HandoutSentences;
import lunko.words.KeySentences;
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

/**
 * A language that nobody speaks: English with other letters, longer, and with marks for writing from right to left.
 * What is cut off, and what is left in English, is seen in it.
 */
public final class PseudoSpeech implements Speech {
    private static final String PLAIN = "aceinouyzACEINOUYZ";
    private static final String OTHER = "àćéíñóúýžÀĆÉÍÑÓÚÝŽ";
    private static final String MARK = "\u200F";

    private final Speech english = new EnglishSpeech();

    /** Other letters for those of a text, and a third more of them. */
    static String pseudo(String text) {
        if (text.isBlank()) return text;
        StringBuilder other = new StringBuilder();
        text.chars().forEach(c -> other.append(PLAIN.indexOf(c) < 0 ? (char) c : OTHER.charAt(PLAIN.indexOf(c))));
        return other.append("ø".repeat(text.length() > 200 ? 0 : (text.length() + 2) / 3)).append(MARK).toString();
    }

    private static Object pseudo(Object said) {
        return switch (said) {
            case String text -> pseudo(text);
            case Phrase phrase -> phrase.map(part -> part.tone() == Tone.PLAIN || part.tone() == Tone.STRONG
                    ? new Phrase.Part(pseudo(part.text()), part.tone()) : part);
            case MistakeSentences.Told told -> new MistakeSentences.Told(pseudo(told.title()),
                    pseudo(told.titleMended()), pseudo(told.about()), pseudo(told.mended()));
            default -> said;
        };
    }

    private static <T> T pseudo(Class<T> subject, T english) {
        InvocationHandler handler = (proxy, method, arguments) -> {
            try {
                if (method.isDefault()) return InvocationHandler.invokeDefault(proxy, method, arguments);
                return pseudo(method.invoke(english, arguments));
            } catch (InvocationTargetException failed) {
                throw failed.getCause();
            }
        };
        return subject.cast(Proxy.newProxyInstance(subject.getClassLoader(), new Class<?>[] {subject}, handler));
    }

    @Override
    public String tag() {
        return "pseudo";
    }

    @Override
    public CommandWords command() {
        return english.command();
    }

    @Override
    public Glossary glossary() {
        List<Glossary.Term> terms =
                english.glossary().terms().stream().map(term -> new Glossary.Term(pseudo(term.word()),
                        term.forms().stream().map(PseudoSpeech::pseudo).toList(), pseudo(term.meaning()))).toList();
        return () -> terms;
    }

    @Override
    public Names names() {
        return pseudo(Names.class, english.names());
    }

    @Override
    public Counts counts() {
        return pseudo(Counts.class, english.counts());
    }

    @Override
    public MatchSentences matching() {
        return pseudo(MatchSentences.class, english.matching());
    }

    @Override
    public CompareSentences comparing() {
        return pseudo(CompareSentences.class, english.comparing());
    }

    @Override
    public StageSentences stages() {
        return pseudo(StageSentences.class, english.stages());
    }

    @Override
    public ResultSentences results() {
        return pseudo(ResultSentences.class, english.results());
    }

    @Override
    public KeySentences keys() {
        return pseudo(KeySentences.class, english.keys());
    }

    @Override
    public EditSentences edits() {
        return pseudo(EditSentences.class, english.edits());
    }

    @Override
    public RephrasingSentences rephrasings() {
        return pseudo(RephrasingSentences.class, english.rephrasings());
    }

    @Override
    public Problems problems() {
        return pseudo(Problems.class, english.problems());
    }

    @Override
    public FileSentences files() {
        return pseudo(FileSentences.class, english.files());
    }

    @Override
    public TableWords tables() {
        return pseudo(TableWords.class, english.tables());
    }

    @Override
    public ImportWords imports() {
        return pseudo(ImportWords.class, english.imports());
    }

    @Override
    public LinkWords links() {
        return pseudo(LinkWords.class, english.links());
    }

    @Override
    public GenerateWords generating() {
        return pseudo(GenerateWords.class, english.generating());
    }

    @Override
    public StepWords steps() {
        return pseudo(StepWords.class, english.steps());
    }

    @Override
    public KindWords kinds() {
        return pseudo(KindWords.class, english.kinds());
    }

    @Override
    public PictureWords pictures() {
        return pseudo(PictureWords.class, english.pictures());
    }

    @Override
    public ResultGridWords resultGrid() {
        return pseudo(ResultGridWords.class, english.resultGrid());
    }

    @Override
    public QueryWords query() {
        return pseudo(QueryWords.class, english.query());
    }

    @Override
    public ShowWords show() {
        return pseudo(ShowWords.class, english.show());
    }

    @Override
    public BuildWords building() {
        return pseudo(BuildWords.class, english.building());
    }

    @Override
    public SheetWords sheets() {
        return pseudo(SheetWords.class, english.sheets());
    }

    @Override
    public TaskWords tasks() {
        return pseudo(TaskWords.class, english.tasks());
    }

    @Override
    public SceneWords scenes() {
        return pseudo(SceneWords.class, english.scenes());
    }

    @Override
    public MistakeSentences mistakes() {
        return pseudo(MistakeSentences.class, english.mistakes());
    }

    @Override
    public HandoutSentences handouts() {
        return pseudo(HandoutSentences.class, english.handouts());
    }

    @Override
    public PageSentences pages() {
        return pseudo(PageSentences.class, english.pages());
    }

    @Override
    public PracticeSentences practice() {
        return pseudo(PracticeSentences.class, english.practice());
    }

    @Override
    public QuestionSentences questions() {
        return pseudo(QuestionSentences.class, english.questions());
    }

    @Override
    public AskWords asking() {
        return pseudo(AskWords.class, english.asking());
    }

    @Override
    public HandoutWords handingOut() {
        return pseudo(HandoutWords.class, english.handingOut());
    }

    @Override
    public SpeakerWords speaker() {
        return pseudo(SpeakerWords.class, english.speaker());
    }

    @Override
    public LessonWords lesson() {
        return pseudo(LessonWords.class, english.lesson());
    }

    @Override
    public WindowWords window() {
        return pseudo(WindowWords.class, english.window());
    }
}
