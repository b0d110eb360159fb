package lunko.handout.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.figure.TextFigure;
import lunko.words.Language;

/** Drawings one below the other on pages, each with its number. A drawing that has no room goes to the next page. */
final class Pages {
    private static final Lettering FOOT = Lettering.TEXT.of(8.5);
    private static final double FOOT_ROOM = 26;
    private static final double SMALLEST = 0.75;

    private final Paper paper;
    private final List<Drawing> done = new ArrayList<>();
    private Drawing page = Drawing.EMPTY;

    Pages(Paper paper) {
        this.paper = paper;
    }

    private double room() {
        return paper.height() - 2 * Paper.MARGIN - FOOT_ROOM;
    }

    /** Puts drawings, which stay together, on the page or the next one, so far below what is there. */
    void add(double gap, Drawing... together) {
        Drawing all = Drawing.column(8,
                Stream.of(together).map(drawing -> drawing.within(paper.within())).toList());
        Drawing fitting = all.height() > room() ? all.scaled(room() / all.height()) : all;
        if (fitting.isEmpty()) return;
        if (!page.isEmpty() && page.height() + gap + fitting.height() > room()) turn();
        page = page.under(fitting.moved(0, page.isEmpty() ? 0 : page.height() + gap));
    }

    /** A drawing so far below the one before. */
    record Block(double gap, Drawing drawing) {}

    /** Puts drawings on pages of their own: on one, made a little smaller where that is enough. */
    void together(List<Block> blocks) {
        turn();
        Drawing all = Drawing.EMPTY;
        for (Block block : blocks)
            all = Drawing.column(block.gap(), List.of(all, block.drawing().within(paper.within())));
        if (all.height() > room() && all.height() * SMALLEST <= room()) add(0, all.scaled(room() / all.height()));
        else blocks.forEach(block -> add(block.gap(), block.drawing()));
    }

    /** How much room is left on the page. */
    double left() {
        return room() - page.height();
    }

    /** Goes on on the next page. */
    void turn() {
        if (!page.isEmpty()) done.add(page);
        page = Drawing.EMPTY;
    }

    /** All pages with something at their foot. */
    List<Drawing> all(String foot, Language in) {
        turn();
        List<Drawing> pages = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            Drawing number = TextFigure.line(in.handouts().page(i + 1, done.size()), FOOT, Common.MUTE);
            double y = paper.height() - Paper.MARGIN;
            pages.add(done.get(i).moved(Paper.MARGIN, Paper.MARGIN)
                    .under(TextFigure.line(foot, FOOT, Common.MUTE).moved(Paper.MARGIN, y))
                    .under(number.moved(paper.width() - Paper.MARGIN - number.width(), y))
                    .sized(paper.width(), paper.height()));
        }
        return pages;
    }
}
