package lunko.phrase;

/** What a part of a phrase speaks of. How that looks is the renderer's business. */
public enum Tone {
    /** Ordinary words. */
    PLAIN,
    /** Something of the left table. */
    LEFT,
    /** Something of the right table. */
    RIGHT,
    /** SQL, or a value as SQL writes it. */
    CODE,
    /** The word the sentence turns on. */
    STRONG
}
