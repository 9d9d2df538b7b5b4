package onebeat.formats.cards;

import java.util.List;
import onebeat.formats.cards.Drawing.Colour;
import onebeat.formats.cards.Drawing.Ink;
import onebeat.formats.cards.Drawing.Segment;

/// A drawing with one of each: something filled, a line of dashes, and words.
public final class SampleDrawing {

    private SampleDrawing() {}

    public static Drawing saying(String words) {
        return new Drawing(
                400,
                80,
                List.of(
                        new Ink.Fill(
                                List.of(
                                        new Segment.Move(10, 10),
                                        new Segment.Straight(60, 10),
                                        new Segment.Curve(70, 20, 70, 40, 60, 50.125),
                                        new Segment.Close()),
                                new Colour(0xd79a1e, 0.5)),
                        new Ink.Stroke(
                                List.of(new Segment.Move(0, 70), new Segment.Straight(400, 70)),
                                2,
                                new Colour(0x2f5d6b, 1),
                                List.of(4.0, 2.0),
                                true),
                        new Ink.Words(80, 40, words, Face.BOLD, 14, new Colour(0x00001c, 1))));
    }
}
