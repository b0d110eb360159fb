package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.problem.RunFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.LongRange;

/** What is calculated, against what the Java library calculates. */
class ValuesProperties {
    private static final BigInteger LEAST = BigInteger.valueOf(Long.MIN_VALUE);
    private static final BigInteger MOST = BigInteger.valueOf(Long.MAX_VALUE);

    /** The one integer that cannot be written, as its digits alone are too many, is left out. */
    @Property
    void integersAreExactOrAProblem(@ForAll @LongRange(min = -Long.MAX_VALUE) long left,
            @ForAll @LongRange(min = -Long.MAX_VALUE) long right, @ForAll("operators") String operator) {
        BigInteger l = BigInteger.valueOf(left);
        BigInteger r = BigInteger.valueOf(right);
        Checked<Value> value = value(written(Value.of(left)) + " " + operator + " " + written(Value.of(right)));
        if (operator.equals("/") && right == 0) {
            assertThat(fault(value)).isEqualTo(new RunFault.DivisionByZero());
            return;
        }
        BigInteger exact = switch (operator) {
            case "+" -> l.add(r);
            case "-" -> l.subtract(r);
            case "*" -> l.multiply(r);
            default -> l.divide(r);
        };
        if (exact.compareTo(LEAST) < 0 || exact.compareTo(MOST) > 0)
            assertThat(fault(value)).isInstanceOf(RunFault.OutOfRange.class);
        else assertThat(value.expect()).isEqualTo(Value.of(exact.longValueExact()));
    }

    @Property
    void decimalsAreExactButQuotients(@ForAll @BigRange(min = "-1000", max = "1000") BigDecimal left,
            @ForAll @BigRange(min = "-1000", max = "1000") BigDecimal right, @ForAll("operators") String operator) {
        Checked<Value> value = value(written(new Value.DecimalValue(left)) + " " + operator + " "
                + written(new Value.DecimalValue(right)));
        if (operator.equals("/") && right.signum() == 0) {
            assertThat(fault(value)).isEqualTo(new RunFault.DivisionByZero());
            return;
        }
        BigDecimal got = ((Value.DecimalValue) value.expect()).number();
        switch (operator) {
            case "+" -> assertThat(got).isEqualByComparingTo(left.add(right));
            case "-" -> assertThat(got).isEqualByComparingTo(left.subtract(right));
            case "*" -> assertThat(got).isEqualByComparingTo(left.multiply(right));
            default -> {
                assertThat(got.scale()).isGreaterThanOrEqualTo(16);
                assertThat(got.multiply(right).subtract(left).abs())
                        .isLessThanOrEqualTo(right.abs().movePointLeft(got.scale()));
            }
        }
    }

    @Property
    void likeIsThePatternThatItSays(@ForAll @From("letters") String text, @ForAll @From("letters") String pattern) {
        String regex = pattern.chars().mapToObj(c -> switch (c) {
            case '%' -> ".*";
            case '_' -> ".";
            default -> Pattern.quote(Character.toString(c));
        }).collect(Collectors.joining());
        boolean matches = Pattern.compile(regex, Pattern.DOTALL).matcher(text).matches();
        String asked = literal(text) + " LIKE " + literal(pattern);
        assertThat(value(asked).expect()).as(asked).isEqualTo(new Value.BooleanValue(matches));
        assertThat(value("NOT " + asked).expect()).isEqualTo(new Value.BooleanValue(!matches));
    }

    @Property
    void functionsOfTextsAreThoseOfCodePoints(@ForAll @From("texts") String text, @ForAll @From("texts") String other) {
        String t = literal(text);
        assertThat(text("TRIM(" + t + ")")).isEqualTo(text.replaceAll("^ +| +$", ""));
        assertThat(text(t + " || " + literal(other))).isEqualTo(text + other);
        assertThat(value("CHAR_LENGTH(" + t + ")").expect()).isEqualTo(Value.of(text.codePointCount(0, text.length())));
        assertThat(value("NULLIF(" + t + ", " + literal(other) + ")").expect())
                .isEqualTo(text.equals(other) ? Value.NULL : Value.of(text));
        assertThat(text("COALESCE(NULL, " + t + ", " + literal(other) + ")")).isEqualTo(text);
    }

    /** A value cast to text and back is the same one; a text that is no such value is a problem that names it. */
    @Property
    void aCastThereAndBackIsTheSameValue(@ForAll long number, @ForAll @BigRange(min = "-9", max = "9") BigDecimal part,
            @ForAll boolean truth, @ForAll @From("texts") String text) {
        for (Value value : List.of(Value.of(number), new Value.DecimalValue(part), new Value.BooleanValue(truth),
                Type.DATE.read("2026-05-01").orElseThrow())) {
            Type type = Type.of(value).orElseThrow();
            String cast = "CAST(CAST(" + written(value) + " AS TEXT) AS " + type.name() + ")";
            assertThat(value(cast + " = " + written(value)).expect()).as(cast).isEqualTo(new Value.BooleanValue(true));
            if (type.read(text.strip()).isEmpty())
                assertThat(fault(value("CAST(" + literal(text) + " AS " + type.name() + ")")))
                        .isEqualTo(new RunFault.CannotCast(literal(text), type));
        }
    }

    private static String written(Value value) {
        return "(" + new SqlWriter().expression(new Expression.Literal(value)) + ")";
    }

    private static String literal(String text) {
        return "'" + text.replace("'", "''") + "'";
    }

    private static String text(String expression) {
        return ((Value.TextValue) value(expression).expect()).text();
    }

    private static Fault fault(Checked<Value> value) {
        return value.either(there -> fail(there.sql()), Problem::fault);
    }

    private static Checked<Value> value(String expression) {
        Script script = new SqlParser(new Origin.Query()).parse("SELECT " + expression).expect();
        return Database.of(List.of()).run(script.statements().getFirst(), script)
                .map(answer -> answer.result().orElseThrow().rows().getFirst().getFirst());
    }

    @Provide
    Arbitrary<String> operators() {
        return Arbitraries.of("+", "-", "*", "/");
    }

    @Provide
    Arbitrary<String> letters() {
        return Arbitraries.strings().withChars("ab%_.'\n").ofMaxLength(7);
    }

    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.strings().withChars(" \t'äx1").ofMaxLength(6)
                .flatMap(text -> Arbitraries.of(text, text + "🐝"));
    }
}
