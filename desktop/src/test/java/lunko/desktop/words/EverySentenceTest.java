package lunko.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.desktop.words.english.EnglishSpeech;
import lunko.phrase.Phrase;
import lunko.problem.Fault;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.Stretch;
import lunko.query.change.QueryChange;
import lunko.words.Glossary;
import lunko.words.Problems;
import org.junit.jupiter.api.Test;

/** Everything that can be said can be said in English, for one thing and for several, with all that it speaks of. */
class EverySentenceTest {
    private static final Speech ENGLISH = new EnglishSpeech();
    private static final List<Class<?>> ELSEWHERE = List.of(CommandWords.class, Glossary.class);

    @Test
    void everySentenceOfEverySubjectCanBeSaid() throws ReflectiveOperationException {
        for (Method subject : Speech.class.getMethods()) {
            if (subject.getReturnType() == String.class || ELSEWHERE.contains(subject.getReturnType())) continue;
            Object words = subject.invoke(ENGLISH);
            for (Method sentence : subject.getReturnType().getMethods()) {
                if (sentence.isDefault() || Modifier.isStatic(sentence.getModifiers())) continue;
                for (int number = 1; number <= 2; number++) say(words, sentence, number);
            }
        }
    }

    private static void say(Object words, Method sentence, int number) throws ReflectiveOperationException {
        Type[] types = sentence.getGenericParameterTypes();
        if (Arrays.asList(sentence.getParameterTypes()).contains(QueryChange.class)) return;
        for (int turn = 0; turn < 12; turn++) {
            int now = turn;
            Object[] things = Arrays.stream(types).map(type -> sample(type, number, now)).toArray();
            String said = String.valueOf(sentence.invoke(words, things));
            assertThat(said).as(sentence + " " + Arrays.toString(things)).doesNotContain("{}", "Phrase[", "**", "null");
            // The limits that a fault speaks of are large.
            if (sentence.getDeclaringClass() != Problems.class)
                assertThat(said).as(sentence.toString()).doesNotContain("1 rows", "1 columns", "1 pairs", "1 cells");
        }
    }

    @Test
    void everythingThatCanBeWrongIsSaidInWholeSentences() {
        List<Class<?>> faults = new ArrayList<>();
        leaves(Fault.class, faults);
        assertThat(faults).hasSizeGreaterThan(150);
        for (Class<?> fault : faults) {
            for (int number = 1; number <= 2; number++) {
                for (int turn = 0; turn < 6; turn++) {
                    Fault sample = (Fault) sample(fault, number, turn);
                    String said = ENGLISH.problems().of(sample).text();
                    assertThat(said).as(sample.toString()).matches("(?s)\\S.*[.?]").doesNotContain("{}", "  ", "**");
                    assertThat(ENGLISH.problems().inColons(Problem.at(Place.inFile("x.csv"), sample)).text())
                            .isEqualTo("x.csv: " + said);
                }
            }
        }
    }

    private static void leaves(Class<?> type, List<Class<?>> leaves) {
        if (type.isSealed()) for (Class<?> permitted : type.getPermittedSubclasses()) leaves(permitted, leaves);
        else leaves.add(type);
    }

    /** Something of a type: another one in each turn, where there are several. */
    private static Object sample(Type type, int number, int turn) {
        if (type instanceof ParameterizedType of) {
            Type inner = of.getActualTypeArguments()[0];
            if (of.getRawType() == Optional.class)
                return turn % 2 == 0 ? Optional.of(sample(inner, number, turn / 2)) : Optional.empty();
            return Stream.generate(() -> sample(inner, number, turn)).limit(number).toList();
        }
        return sample((Class<?>) type, number, turn);
    }

    private static Object sample(Class<?> type, int number, int turn) {
        if (type == String.class) return "hives";
        if (type == long.class) return (long) number;
        if (type == int.class) return number;
        if (type == boolean.class) return turn % 2 == 0;
        if (type == char.class) return ',';
        if (type == Phrase.class) return Phrase.plain("Clover");
        if (type == Integer.class) return number;
        if (type == BigDecimal.class) return BigDecimal.valueOf(25, 1);
        if (type == LocalDate.class) return LocalDate.of(2026, 5, 1);
        if (type == OptionalLong.class) return turn % 2 == 0 ? OptionalLong.of(number) : OptionalLong.empty();
        if (type == OptionalInt.class) return turn % 2 == 0 ? OptionalInt.of(number) : OptionalInt.empty();
        if (type == Stretch.class) return new Stretch(0, 1);
        if (type.isEnum()) return type.getEnumConstants()[turn % type.getEnumConstants().length];
        if (type.isSealed()) {
            List<Class<?>> leaves = new ArrayList<>();
            leaves(type, leaves);
            return sample(leaves.get(turn % leaves.size()), number, turn / leaves.size());
        }
        return made(type, number, turn);
    }

    private static Object made(Class<?> type, int number, int turn) {
        RecordComponent[] parts = type.getRecordComponents();
        assertThat(parts).as(type + " can be made").isNotNull();
        try {
            var constructor = type.getDeclaredConstructor(
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            return constructor.newInstance(
                    Arrays.stream(parts).map(part -> sample(part.getGenericType(), number, turn)).toArray());
        } catch (ReflectiveOperationException impossible) {
            throw new AssertionError(type.toString(), impossible);
        }
    }
}
