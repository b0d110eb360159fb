package lunko.lesson;

import java.util.List;

/** Names from the sample world of the beekeepers, for rows that Lunko makes. */
final class SampleWords {
    /** What hives and meadows are called after. */
    static final List<String> PLANTS = List.of("Clover", "Heather", "Linden", "Bramble", "Sainfoin", "Mallow",
            "Borage", "Thyme", "Melilot", "Comfrey", "Teasel", "Yarrow", "Vetch", "Campion", "Burdock", "Sorrel",
            "Tansy", "Chicory", "Lavender", "Hawthorn");

    private SampleWords() {}
}
