package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import lunko.query.sql.Completion.Proposal;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** What is proposed while any query is being typed. */
@Domain(Queries.class)
@Domain(DomainContext.Global.class)
class CompletionProperties {
    private static final List<Table> TABLES =
            List.of(Table.of("hives", List.of(new Column("keeper_id", Type.INTEGER)), List.of()));

    /** Words that may be names as well, and are proposed only where no name can stand. */
    private static final Set<String> FREE =
            Set.of("DATE", "FIRST", "KEY", "LAST", "NEXT", "NULLS", "ROW", "ROWS", "UNKNOWN", "VALUES", "IF", "ANY");

    /** As far as it is typed, the next word of SQL is one of those that can stand there. */
    @Property(tries = 150, edgeCases = EdgeCasesMode.NONE)
    void theNextWordIsAmongThem(@ForAll QueryExpression query, @ForAll int number) {
        String text = new SqlWriter().query(query);
        List<Lexeme> words = Lexeme.of(text).stream().filter(lexeme -> lexeme.kind() == Lexeme.Kind.WORD)
                .filter(lexeme -> !FREE.contains(lexeme.at().of(text).toUpperCase(Locale.ROOT))).toList();
        Lexeme word = words.get(Math.floorMod(number, words.size()));
        String begun = text.substring(0, word.at().start() + 1);
        Completion completion = Completion.at(begun, begun.length(), TABLES);
        assertThat(completion.from()).isEqualTo(word.at().start());
        assertThat(completion.proposals()).as(begun + "| of " + text).extracting(Proposal::text)
                .anyMatch(proposed -> proposed.equalsIgnoreCase(word.at().of(text)));
    }

    /** Wherever the caret is, what is proposed goes on with what is typed, and so does each word of it once taken. */
    @Property(tries = 150, edgeCases = EdgeCasesMode.NONE)
    void whatIsProposedGoesOnWithWhatIsTyped(@ForAll QueryExpression query, @ForAll int number) {
        String text = new SqlWriter().query(query);
        int caret = Math.floorMod(number, text.length() + 1);
        Completion completion = Completion.at(text, caret, TABLES);
        String typed = text.substring(completion.from(), caret);
        for (Proposal proposal : completion.proposals()) {
            assertThat(proposal.text()).containsIgnoringCase(typed).isNotEqualToIgnoringCase(typed);
            // A name in quotes has its end, and nothing goes on with it.
            if (proposal.text().endsWith("\"")) continue;
            String taken = text.substring(0, completion.from()) + proposal.text();
            assertThat(Completion.at(taken, taken.length(), TABLES).proposals()).as(taken)
                    .allMatch(next -> next.text().toLowerCase().contains(lastWord(proposal.text())));
        }
    }

    private static String lastWord(String proposed) {
        return proposed.substring(proposed.lastIndexOf('.') + 1).toLowerCase();
    }
}
