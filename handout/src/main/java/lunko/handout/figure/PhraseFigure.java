package lunko.handout.figure;

import java.util.ArrayList;
import java.util.List;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Face;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.insight.picture.TableHue;
import lunko.phrase.Phrase;
import lunko.phrase.Tone;

/**
 * Sentences, broken into lines, each part in its tone.
 *
 * @param left the colour of what is of the left table
 * @param right that of what is of the right
 */
record PhraseFigure(TableHue left, TableHue right) {

    /** A phrase in lines of no more than so many points. */
    Drawing of(Phrase phrase, double size, double width) {
        List<Mark> marks = new ArrayList<>();
        double lineHeight = new Lettering(Face.TEXT, size).lineHeight();
        double x = 0;
        double base = size;
        double widest = 0;
        for (Phrase.Part part : phrase.parts()) {
            Lettering lettering = new Lettering(face(part.tone()), part.tone() == Tone.CODE ? size * 0.96 : size);
            StringBuilder held = new StringBuilder();
            double start = x;
            for (String word : part.text().split("(?<= )")) {
                double wide = Letters.width(word.stripTrailing(), lettering);
                if (x > 0 && x + wide > width) {
                    text(held, start, base, lettering, part.tone(), marks);
                    widest = Math.max(widest, x);
                    x = 0;
                    start = 0;
                    base += lineHeight;
                }
                held.append(word);
                x = start + Letters.width(held.toString(), lettering);
            }
            text(held, start, base, lettering, part.tone(), marks);
        }
        return new Drawing(Math.max(widest, x), base + size * 0.4, marks);
    }

    private void text(StringBuilder held, double x, double base, Lettering lettering, Tone tone, List<Mark> marks) {
        if (!held.toString().isBlank())
            marks.add(new Mark.Text(x, base, held.toString().stripTrailing(), lettering, ink(tone)));
        held.setLength(0);
    }

    private Ink ink(Tone tone) {
        return switch (tone) {
            case PLAIN, CODE, STRONG -> Common.INK;
            case LEFT -> new Ink.Own(left);
            case RIGHT -> new Ink.Own(right);
        };
    }

    private static Face face(Tone tone) {
        return switch (tone) {
            case PLAIN -> Face.TEXT;
            case LEFT, RIGHT, STRONG -> Face.STRONG;
            case CODE -> Face.CODE;
        };
    }
}
