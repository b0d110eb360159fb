package lunko.handout.figure;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Face;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.insight.picture.TableHues;
import lunko.problem.Stretch;
import lunko.query.sql.Lexeme;

/** A query, its words told apart, with gaps where something is to be filled in. */
public final class QueryFigure {
    private static final double SIZE = 12;
    private static final Lettering CODE = Lettering.CODE.of(SIZE);
    private static final double GAP = 150;

    private final TableHues hues;
    private final double width;
    private final List<Mark> marks = new ArrayList<>();
    private double x;
    private double base = SIZE;
    private double widest;

    private QueryFigure(TableHues hues, double width) {
        this.hues = hues;
        this.width = width;
    }

    /** A query in lines of no more than so many points, its tables in their colours. */
    public static Drawing of(String sql, TableHues hues, double width) {
        return of(sql, List.of(), hues, width);
    }

    /** The same with an empty line in the place of some of its stretches. */
    public static Drawing of(String sql, List<Stretch> gaps, TableHues hues, double width) {
        QueryFigure figure = new QueryFigure(hues, width);
        figure.write(sql, gaps);
        return new Drawing(Math.max(figure.widest, figure.x), figure.base + SIZE * 0.45, figure.marks);
    }

    /** A word of the text, or a gap in it. */
    private record Piece(Stretch at, Optional<Lexeme.Kind> kind) {}

    private void write(String sql, List<Stretch> gaps) {
        Stream<Piece> words = Lexeme.of(sql).stream()
                .filter(word -> gaps.stream()
                        .noneMatch(gap -> gap.start() <= word.at().start() && word.at().end() <= gap.end()))
                .map(word -> new Piece(word.at(), Optional.of(word.kind())));
        List<Piece> pieces = Stream.concat(words, gaps.stream().map(gap -> new Piece(gap, Optional.empty())))
                .sorted(Comparator.comparingInt(piece -> piece.at().start())).toList();
        int end = 0;
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            String blanks = sql.substring(end, Math.max(end, piece.at().start()));
            between(blanks);
            // What has no blank in it stays on a line.
            if (!blanks.isEmpty()) breakBefore(together(sql, pieces.subList(i, pieces.size())));
            piece.kind().ifPresentOrElse(kind -> word(piece.at().of(sql), kind), this::gap);
            end = piece.at().end();
        }
    }

    /** How wide the pieces are that follow each other without a blank. */
    private static double together(String sql, List<Piece> pieces) {
        double wide = 0;
        int end = pieces.getFirst().at().start();
        for (Piece piece : pieces) {
            if (piece.at().start() != end) break;
            wide += piece.kind().isPresent() ? Letters.width(piece.at().of(sql), CODE) : GAP;
            end = piece.at().end();
        }
        return wide;
    }

    private void breakBefore(double wide) {
        if (x <= indent() || x + wide <= width) return;
        newLine();
        x = indent();
    }

    private void between(String blanks) {
        int newline = blanks.lastIndexOf('\n');
        if (newline >= 0) {
            newLine();
            x = Letters.width(" ", CODE) * (blanks.length() - newline - 1);
        } else {
            x += Letters.width(" ", CODE) * blanks.length();
        }
    }

    private void newLine() {
        widest = Math.max(widest, x);
        x = 0;
        base += CODE.lineHeight() + 2;
    }

    private static double indent() {
        return Letters.width("    ", CODE);
    }

    private void gap() {
        marks.add(Mark.Outline.of(new Line2D.Double(x, base + 3, x + GAP, base + 3), Pen.of(Common.INK, 0.8)));
        x += GAP;
    }

    private void word(String text, Lexeme.Kind kind) {
        Lettering lettering = kind == Lexeme.Kind.WORD ? new Lettering(Face.CODE_STRONG, SIZE) : CODE;
        String[] lines = text.split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) newLine();
            marks.add(new Mark.Text(x, base, lines[i], lettering, ink(lines[i], kind)));
            x += Letters.width(lines[i], lettering);
        }
    }

    private Ink ink(String text, Lexeme.Kind kind) {
        return switch (kind) {
            case NAME -> Optional.of(text).flatMap(hues::named).<Ink>map(Ink.Own::new).orElse(Common.INK);
            case COMMENT -> Common.MUTE;
            case WORD, NUMBER, TEXT, SIGN, STRANGE -> Common.INK;
        };
    }
}
