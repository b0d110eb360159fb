package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import lunko.desktop.action.Action;
import lunko.desktop.grid.Hand;
import lunko.desktop.grid.TableActions;
import lunko.desktop.lesson.FileActions;
import lunko.desktop.lesson.TableFiles;
import lunko.desktop.show.result.ResultActions;
import lunko.query.Side;

/** What the cards on the stage need of the actions. */
public record CardActions(Hand hand, ResultActions results, TableActions tables, FileActions files,
        TableFiles sources) {

    Action addRow(Side side, Runnable handler) {
        return Action.of(words().show().addRowTo(side), Action.Group.TABLES, handler);
    }
}
