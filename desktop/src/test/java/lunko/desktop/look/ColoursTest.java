package lunko.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.handout.drawing.Ink;
import lunko.handout.paint.Palette;
import lunko.insight.picture.TableHue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The colours of tables can be read on their grounds and told apart, also by eyes that see fewer colours. */
class ColoursTest {
    private static final List<String> TABLES = List.of("first", "second", "third", "fourth", "fifth", "sixth");
    private static final List<String> OTHERS = List.of("pair", "now");
    /**
     * What eyes see that lack one kind of cone, in linear light (Machado, Oliveira and Fernandes, 2009); the first are
     * eyes that lack none.
     */
    private static final List<double[][]> EYES = List.of(new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}},
            new double[][] {{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216},
                    {-0.003882, -0.048116, 1.051998}},
            new double[][] {{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413},
                    {-0.011820, 0.042940, 0.968881}},
            new double[][] {{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602},
                    {0.004733, 0.691367, 0.303900}});
    /** Two colours so far apart (CIE 1976) are seen as two at a glance; a difference of 2.3 can just be seen. */
    private static final double FAR = 6;

    private static Map<String, String> tokens(String theme) throws IOException {
        try (InputStream in = Look.class.getResourceAsStream("lunko.css")) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            Map<String, String> tokens = new HashMap<>();
            Stream.of("\\.root, \\.show", theme).forEach(selector -> {
                Matcher rule = Pattern.compile("(?m)^" + selector + " \\{(.*?)}", Pattern.DOTALL).matcher(css);
                if (!rule.find()) throw new AssertionError("no rule for " + selector);
                Matcher token = Pattern.compile("-lunko-([\\w-]+): (#\\w{6})").matcher(rule.group(1));
                while (token.find()) tokens.put(token.group(1), token.group(2));
            });
            return tokens;
        }
    }

    private static double[] linear(String colour) {
        return IntStream.of(1, 3, 5).mapToDouble(at -> Integer.parseInt(colour.substring(at, at + 2), 16) / 255.0)
                .map(part -> part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4)).toArray();
    }

    /** The contrast of two colours (WCAG 2.2, relative luminance). */
    private static double contrast(String one, String other) {
        double a = luminance(one) + 0.05;
        double b = luminance(other) + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    private static double luminance(String colour) {
        double[] light = linear(colour);
        return 0.2126 * light[0] + 0.7152 * light[1] + 0.0722 * light[2];
    }

    /** A colour as CIE L*a*b*, as some eyes see it. */
    private static double[] lab(String colour, double[][] eyes) {
        double[] light = linear(colour);
        double[] seen = Stream.of(eyes).mapToDouble(
                row -> Math.clamp(row[0] * light[0] + row[1] * light[1] + row[2] * light[2], 0, 1)).toArray();
        double x = curve((0.4124564 * seen[0] + 0.3575761 * seen[1] + 0.1804375 * seen[2]) / 0.95047);
        double y = curve(0.2126729 * seen[0] + 0.7151522 * seen[1] + 0.0721750 * seen[2]);
        double z = curve((0.0193339 * seen[0] + 0.1191920 * seen[1] + 0.9503041 * seen[2]) / 1.08883);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double curve(double part) {
        return part > 216.0 / 24389 ? Math.cbrt(part) : (24389.0 / 27 * part + 16) / 116;
    }

    private static double apart(String one, String other, double[][] eyes) {
        double[] a = lab(one, eyes);
        double[] b = lab(other, eyes);
        return Math.sqrt(IntStream.range(0, 3).mapToDouble(i -> (a[i] - b[i]) * (a[i] - b[i])).sum());
    }

    @ParameterizedTest
    @CsvSource({"'\\.root, \\.show', 4.5", "'\\.theme-dark', 4.5", "'\\.theme-light-contrast', 7",
            "'\\.theme-dark-contrast', 7"})
    void tablesCanBeReadAndToldApart(String theme, double contrast) throws IOException {
        Map<String, String> tokens = tokens(theme);
        for (String table : TABLES) {
            for (String ground : List.of("card", "now-wash", table + "-wash"))
                assertThat(contrast(tokens.get(table), tokens.get(ground))).as(table + " on " + ground)
                        .isGreaterThanOrEqualTo(contrast);
            Stream.concat(TABLES.stream(), OTHERS.stream()).filter(other -> !other.equals(table))
                    .forEach(other -> EYES.forEach(eyes -> assertThat(apart(tokens.get(table), tokens.get(other), eyes))
                            .as(table + " beside " + other).isGreaterThan(FAR)));
        }
    }

    /** What is handed out has the colours of the window. */
    @Test
    void handoutsHaveTheColoursOfTheWindow() throws IOException {
        for (Palette palette : List.of(Palette.LIGHT, Palette.DARK)) {
            Map<String, String> tokens = tokens(palette == Palette.LIGHT ? "\\.root, \\.show" : "\\.theme-dark");
            for (Ink.Common ink : Ink.Common.values())
                assertThat(hex(palette.color(ink))).as(ink.name())
                        .isEqualTo(tokens.get(ink.name().toLowerCase(Locale.ROOT).replace('_', '-')));
            for (String table : TABLES)
                assertThat(
                        hex(palette.color(new Ink.Own(TableHue.valueOf(table.toUpperCase(Locale.ROOT))))))
                        .isEqualTo(tokens.get(table));
        }
    }

    private static String hex(Color color) {
        return "#" + Integer.toHexString(color.getRGB()).substring(2).toUpperCase(Locale.ROOT);
    }
}
