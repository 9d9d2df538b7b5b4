package onebeat.core;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Grade;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;

/// Short ways for tests to read, play and review a line.
public final class Lines {

    public static final Setting SAME = Setting.of(Stance.ORTHODOX, Stance.ORTHODOX);
    public static final Setting OPEN = Setting.of(Stance.ORTHODOX, Stance.SOUTHPAW);
    public static final List<Setting> ALL_SETTINGS = List.of(
            SAME, OPEN, Setting.of(Stance.SOUTHPAW, Stance.SOUTHPAW), Setting.of(Stance.SOUTHPAW, Stance.ORTHODOX));

    /// Lines that were played before: tests of numbers that are off ask for the same line thousands of times.
    private static final Map<LineIn, Played> PLAYED = new ConcurrentHashMap<>();

    private record LineIn(String text, Setting setting) {}

    private Lines() {}

    public static Read read(String text) {
        return switch (Notation.read(text)) {
            case Read read -> read;
            case onebeat.core.notation.Misread misread -> throw new AssertionError(text + ": " + misread.sentence());
        };
    }

    public static Played play(String text, Setting setting) {
        return PLAYED.computeIfAbsent(
                new LineIn(text, setting), line -> Play.of(read(line.text).line(), line.setting));
    }

    public static PlayedWay way(String text) {
        return play(text, SAME).ways().getFirst();
    }

    /// The step of this index in the first way.
    public static Step step(String text, int index) {
        return way(text).steps().get(index);
    }

    public static double drive(String text, int index) {
        return step(text, index).impact().orElseThrow().drive();
    }

    public static Grade grade(String text, int index) {
        return step(text, index).impact().orElseThrow().grade();
    }

    public static Review review(String text, Setting setting) {
        return Review.of(read(text), Context.of(setting));
    }

    public static Review review(String text) {
        return review(text, SAME);
    }

    public static List<Code> codes(String text, Setting setting) {
        return review(text, setting).findings().stream().map(Finding::code).toList();
    }

    public static List<Code> codes(String text) {
        return codes(text, SAME);
    }

    /// How open the target of the n-th strike of the athlete is, counted from 0; negative counts from the last.
    public static double opening(String text, int strike, Setting setting, PartnerModel model) {
        PlayedWay way = play(text, setting).ways().getFirst();
        List<Step> strikes = way.strikesOf(Who.ATHLETE).toList();
        Step step = strikes.get(strike < 0 ? strikes.size() + strike : strike);
        return Openings.withoutCredits(way, setting, model, 0)
                .of(step)
                .orElseThrow()
                .value();
    }

    /// How open the target of the last strike is.
    public static double opening(String text, Setting setting) {
        return opening(text, -1, setting, PartnerModel.usual());
    }

    /// What the whole line exposes.
    public static double exposure(String text, Setting setting) {
        return Openings.withoutCredits(play(text, setting).ways().getFirst(), setting, PartnerModel.usual(), 0)
                .exposure();
    }
}
