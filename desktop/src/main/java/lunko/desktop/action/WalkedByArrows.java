package lunko.desktop.action;

/** A node in which the arrows go from one thing to the next while it has the keyboard: they are no steps there. */
public interface WalkedByArrows {}
