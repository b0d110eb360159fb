package lunko.problem;

/** What is wrong, as data: a case for each thing that can be. The sentence for it is a language's affair. */
public sealed interface Fault
        permits TableFault, SyntaxFault, QueryFault, QueryNote, StatementFault, RunFault, ChangeFault, LessonFault,
        FileFault,
        WorkFault {}
