package lunko.desktop.show.model;

import lunko.show.Showing;

/** How one frame gives way to another: by one step, which can be shown as a movement, or by a jump. */
public enum Motion {
    FORWARD, BACK, JUMP;

    /** How one gets from what was shown to what is shown now. */
    public static Motion between(Showing before, Showing now) {
        if (before.run() != now.run() || !before.part().equals(now.part())) return JUMP;
        long steps = now.number() - before.number();
        if (steps == 1) return FORWARD;
        return steps == -1 ? BACK : JUMP;
    }
}
