package lunko.desktop.show.model;

/** The pictures of a join, of which one is shown beside the stage. */
public enum Picture {
    /** Circles with the rows in them. */
    VENN("Venn diagram"),
    /** Left rows by right rows. */
    PAIRS("Pair grid");

    private final String title;

    Picture(String title) {
        this.title = title;
    }

    /** The picture as its button calls it: {@code Pair grid}. */
    public String title() {
        return title;
    }
}
