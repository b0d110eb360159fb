package lunko.desktop.show;

import lunko.desktop.show.join.CardActions;
import lunko.desktop.show.join.KindActions;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.Practice;

/** What can be done in the show: by its player, with steps, with kinds of join, and at the cards of its tables. */
public record ShowActions(Player player, Practice practice, StepActions steps, KindActions kinds, CardActions cards) {}
