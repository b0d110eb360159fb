package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.desktop.words.SpeakerWords;

/** What is said in the speaker's window, in English. */
final class EnglishSpeaker implements SpeakerWords {

    @Override
    public String title() {
        return "Speaker’s window";
    }

    @Override
    public String noNote() {
        return "No note.";
    }

    @Override
    public String asks(String question, String answer) {
        return text("{} – {}", question, answer);
    }

    @Override
    public String next(String scene) {
        return text("Next: {}", scene);
    }

    @Override
    public String last() {
        return "This is the last scene.";
    }

    @Override
    public String stepsLeft(long steps) {
        return steps == 0 ? "at the end" : text("{} left", counted(steps, "step"));
    }

    @Override
    public String since(long minutes, int seconds) {
        return text("{}:{} since the start", String.valueOf(minutes), (seconds < 10 ? "0" : "") + seconds);
    }

    @Override
    public String startAgain() {
        return "Start again";
    }

    @Override
    public String rehearse() {
        return "Rehearse";
    }

    @Override
    public String stopRehearsing() {
        return "Stop, and keep the minutes";
    }
}
