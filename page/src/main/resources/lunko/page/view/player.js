/* Going through the steps: the bar under the why, by hand and by itself. */

const SPEEDS = [.5, 1, 2, 4, 8];

class Player {
    constructor(page) {
        const text = page.text;
        const button = (name, key, label, number) => iconButton(name, key, label, () => this.go(number()));
        this.page = page;
        this.speed = 1;
        this.playing = 0;
        this.range = el("input", { type: "range", min: 0, "data-key": "range", oninput: event => this.go(Number(event.target.value)) });
        this.play = el("button", { id: "play", class: "main icon", "data-key": "play", onclick: () => this.toggle() });
        this.bar = el("div", { id: "steps", class: "bar" },
            button("start", "start", text.toStart, () => 0), button("back", "back", text.stepBack, () => this.number - 1), this.play,
            button("on", "on", text.stepOn, () => this.number + 1), button("end", "end", text.toEnd, () => this.last),
            this.range, el("label", {}, el("span", { class: "unseen" }, text.speed), el("select", { "data-key": "speed", onchange: event => { this.speed = SPEEDS[event.target.selectedIndex]; } },
                text.speeds.map((speed, at) => el("option", { selected: at === 1 }, speed)))));
        this.showPlay();
    }

    get number() {
        return this.page.state.frame ? this.page.state.frame.number : 0;
    }

    get last() {
        return this.page.state.frame ? this.page.state.frame.last : 0;
    }

    /** Shows where among the steps a frame is. */
    show(frame) {
        this.range.max = frame.last;
        this.range.value = frame.number;
        this.range.style.setProperty("--done", 100 * frame.number / Math.max(1, frame.last) + "%");
        this.range.setAttribute("aria-label", frame.step);
        this.range.setAttribute("aria-valuetext", frame.step);
        for (const key of ["start", "back"]) this.bar.querySelector(`[data-key=${key}]`).disabled = frame.number === 0;
        for (const key of ["on", "end"]) this.bar.querySelector(`[data-key=${key}]`).disabled = frame.number === frame.last;
        if (frame.number === frame.last) this.stop();
    }

    go(number) {
        this.stop();
        this.page.want({ do: "step", number: Math.max(0, Math.min(number, this.last)) });
    }

    /** How long a step is seen, in milliseconds. */
    get interval() {
        return 1000 / this.speed;
    }

    toggle() {
        if (this.playing) return this.stop();
        if (!this.page.state.frame) return;
        if (this.number === this.last) this.page.want({ do: "step", number: 0 });
        const next = () => {
            this.playing = setTimeout(() => {
                this.page.want({ do: "step", number: this.number + 1 });
                if (this.playing) next();
            }, this.interval);
        };
        next();
        this.showPlay();
    }

    stop() {
        clearTimeout(this.playing);
        this.playing = 0;
        this.showPlay();
    }

    showPlay() {
        const label = this.playing ? this.page.text.pause : this.page.text.play;
        fill(this.play, icon(this.playing ? ICONS.pause : ICONS.play));
        this.play.setAttribute("aria-label", label);
        this.play.title = label;
    }
}
