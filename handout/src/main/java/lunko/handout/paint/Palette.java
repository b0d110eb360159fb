package lunko.handout.paint;

import java.awt.Color;
import java.util.Locale;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink;
import lunko.insight.picture.TableHue;

/** How a drawing looks: the colours of the window, or black on white, where patterns tell things apart. */
public enum Palette {
    /** Dark on light, as the window is by day. */
    LIGHT {
        @Override
        Color common(Ink.Common ink) {
            return switch (ink) {
                case PAPER -> rgb(0xFAF7F1);
                case CARD -> rgb(0xFFFFFF);
                case LINE -> rgb(0xE5DED2);
                case FAINT_LINE -> rgb(0xF0EBE1);
                case INK -> rgb(0x2A2521);
                case MUTE -> rgb(0x7C7268);
                case PAIR -> rgb(0x4E5A78);
                case NOW -> rgb(0xC97F00);
                case NOW_INK -> rgb(0x8A5600);
                case PILL -> rgb(0xB9AFA3);
                case IDLE -> rgb(0xCFC5B8);
            };
        }

        @Override
        Tones tones(TableHue hue) {
            return switch (hue) {
                case JOINED -> new Tones(0x2A2521, 0xF3F0EC, 0xDDD6CC);
                case FIRST -> new Tones(0x7A3B8F, 0xF4ECF7, 0xE3CFEA);
                case SECOND -> new Tones(0x1B7560, 0xE6F3EE, 0xC3E1D6);
                case THIRD -> new Tones(0x414ACB, 0xF0F1FB, 0xD1D4F3);
                case FOURTH -> new Tones(0x780436, 0xF4EBEF, 0xDFC3CF);
                case FIFTH -> new Tones(0x4B4301, 0xF1F0EB, 0xD4D2C2);
                case SIXTH -> new Tones(0xC63D08, 0xFAEFEB, 0xF1D0C4);
            };
        }

        @Override
        Filling met() {
            return new Filling(rgb(0xDFE3EE), Pattern.PLAIN, rgb(0xDFE3EE));
        }

        @Override
        Filling now() {
            return new Filling(rgb(0xFFF3DA), Pattern.PLAIN, rgb(0xFFF3DA));
        }
    },
    /** Light on dark, as it is in a dim room. */
    DARK {
        @Override
        Color common(Ink.Common ink) {
            return switch (ink) {
                case PAPER -> rgb(0x1C1A18);
                case CARD -> rgb(0x272320);
                case LINE -> rgb(0x453F39);
                case FAINT_LINE -> rgb(0x37322E);
                case INK -> rgb(0xF3EEE6);
                case MUTE -> rgb(0xB1A79B);
                case PAIR -> rgb(0xB3BFDF);
                case NOW -> rgb(0xF2A93B);
                case NOW_INK -> rgb(0xFFCB80);
                case PILL -> rgb(0x8C8277);
                case IDLE -> rgb(0x5E574F);
            };
        }

        @Override
        Tones tones(TableHue hue) {
            return switch (hue) {
                case JOINED -> new Tones(0xF3EEE6, 0x332E2A, 0x4A433D);
                case FIRST -> new Tones(0xD5A4E6, 0x3A2C41, 0x56405F);
                case SECOND -> new Tones(0x74D0B3, 0x203B34, 0x305A4E);
                case THIRD -> new Tones(0x8AA2FE, 0x373744, 0x494E6B);
                case FOURTH -> new Tones(0xE18BB9, 0x453438, 0x664654);
                case FIFTH -> new Tones(0xC0D611, 0x3F401E, 0x5B601B);
                case SIXTH -> new Tones(0xFEBC87, 0x493B30, 0x705743);
            };
        }

        @Override
        Filling met() {
            return new Filling(rgb(0x383F51), Pattern.PLAIN, rgb(0x383F51));
        }

        @Override
        Filling now() {
            return new Filling(rgb(0x47381D), Pattern.PLAIN, rgb(0x47381D));
        }
    },
    /** Black on white alone, to be printed and copied. */
    PRINT {
        @Override
        Color common(Ink.Common ink) {
            return switch (ink) {
                case PAPER, CARD -> Color.WHITE;
                case INK, PAIR, NOW, NOW_INK, MUTE, PILL -> Color.BLACK;
                case LINE, FAINT_LINE, IDLE -> rgb(0x8A8A8A);
            };
        }

        @Override
        Tones tones(TableHue hue) {
            return new Tones(0x000000, 0xFFFFFF, 0x9A9A9A);
        }

        @Override
        Pattern pattern(TableHue hue) {
            return switch (hue) {
                case JOINED, FIRST -> Pattern.PLAIN;
                case SECOND -> Pattern.DOTS;
                case THIRD -> Pattern.LEVEL;
                case FOURTH -> Pattern.FALLING;
                case FIFTH -> Pattern.CROSSED;
                case SIXTH -> Pattern.RISING_CLOSE;
            };
        }

        @Override
        Filling body(TableHue hue) {
            return switch (hue) {
                case FIRST -> super.body(hue);
                case JOINED -> new Filling(rgb(0x9A9A9A), Pattern.PLAIN, Color.BLACK);
                case SECOND -> new Filling(Color.WHITE, Pattern.LEVEL_CLOSE, Color.BLACK);
                case THIRD -> new Filling(Color.WHITE, Pattern.RISING_CLOSE, Color.BLACK);
                case FOURTH -> new Filling(Color.WHITE, Pattern.CROSSED, Color.BLACK);
                case FIFTH -> new Filling(Color.WHITE, Pattern.DOTS, Color.BLACK);
                case SIXTH -> new Filling(Color.WHITE, Pattern.FALLING, Color.BLACK);
            };
        }

        @Override
        Filling region(TableHue hue) {
            return new Filling(Color.WHITE, hue == TableHue.FIRST ? Pattern.RISING : Pattern.FALLING, rgb(0xC4C4C4));
        }

        @Override
        Filling met() {
            return new Filling(Color.WHITE, Pattern.CROSSED, rgb(0xC4C4C4));
        }

        @Override
        Filling now() {
            return new Filling(rgb(0xE6E6E6), Pattern.PLAIN, rgb(0xE6E6E6));
        }
    };

    /** The colours of a table: for text, for its ground, and for the hatch on that. */
    record Tones(int strong, int wash, int hatch) {}

    /** What an outline is filled with. */
    record Filling(Color ground, Pattern pattern, Color lines) {}

    abstract Color common(Ink.Common ink);

    abstract Tones tones(TableHue hue);

    abstract Filling met();

    abstract Filling now();

    /** What tells the ground of a table from that of others where colours do not. */
    Pattern pattern(TableHue hue) {
        return Pattern.PLAIN;
    }

    /** What a row of a table is filled with where it stands for itself. */
    Filling body(TableHue hue) {
        return new Filling(rgb(tones(hue).strong()), Pattern.PLAIN, rgb(tones(hue).strong()));
    }

    /** What a region with rows of a table is filled with. */
    Filling region(TableHue hue) {
        return new Filling(rgb(tones(hue).wash()), Pattern.PLAIN, rgb(tones(hue).wash()));
    }

    /** The colour of an ink. */
    public Color color(Ink ink) {
        return switch (ink) {
            case Ink.Common common -> common(common);
            case Ink.Own(TableHue hue) -> rgb(tones(hue).strong());
        };
    }

    /** What an outline is filled with. */
    Filling filling(Fill fill) {
        return switch (fill) {
            case Fill.Flat(Ink ink) -> new Filling(color(ink), Pattern.PLAIN, color(ink));
            case Fill.Body(TableHue hue) -> body(hue);
            case Fill.Wash(TableHue hue) -> new Filling(rgb(tones(hue).wash()), pattern(hue), rgb(tones(hue).hatch()));
            case Fill.Region(TableHue hue) -> region(hue);
            case Fill.Hatch(TableHue hue) ->
                new Filling(common(Ink.Common.CARD), Pattern.RISING, rgb(tones(hue).hatch()));
            case Fill.Met() -> met();
            case Fill.Now() -> now();
        };
    }

    /** Its name on the command line: {@code print}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }

    private static Color rgb(int rgb) {
        return new Color(rgb);
    }
}
