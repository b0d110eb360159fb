package lunko.desktop.lesson;

/** What the window is used for at the moment. */
public enum Mode {
    /** Tables are built, and looked at before they are joined. */
    TABLES("Tables"),
    /** A join is shown step by step. */
    SHOW("Show");

    private final String title;

    Mode(String title) {
        this.title = title;
    }

    /** The mode as its button calls it: {@code Tables}. */
    public String title() {
        return title;
    }
}
