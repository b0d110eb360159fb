package lunko.page.build;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.ElementModifier;
import org.teavm.model.MethodHolder;
import org.teavm.model.ValueType;
import org.teavm.model.emit.ProgramEmitter;
import org.teavm.model.emit.ValueEmitter;
import org.teavm.vm.spi.TeaVMHost;
import org.teavm.vm.spi.TeaVMPlugin;

/**
 * Makes of the library of a browser what Java says of it. There a blank text is one of spaces, what is stripped is what
 * JavaScript takes for white space, and what joins texts leaves the divider behind an empty first one out.
 */
public final class JavaLibrary implements TeaVMPlugin, ClassHolderTransformer {
    private static final List<Otherwise> OTHERWISE = List.of(
            new Otherwise("java.lang.String", Set.of("isBlank", "strip", "stripLeading", "stripTrailing"), 0,
                    "lunko.page.engine.Blanks"),
            new Otherwise("java.util.stream.Collectors", Set.of("joining"), 3, "lunko.page.engine.Joins"));

    /**
     * Methods that do otherwise there than Java says, and where they are done as it says: by static methods of the same
     * names, which are given first what they are called on.
     */
    private record Otherwise(String type, Set<String> methods, int parameters, String done) {

        boolean means(MethodHolder method) {
            return methods.contains(method.getName()) && method.parameterCount() == parameters;
        }
    }

    @Override
    public void install(TeaVMHost host) {
        host.add(this);
    }

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        for (Otherwise otherwise : OTHERWISE) {
            if (!type.getName().equals(otherwise.type())) continue;
            for (MethodHolder method : type.getMethods())
                if (otherwise.means(method)) replace(method, otherwise.done(), context);
        }
    }

    private static void replace(MethodHolder method, String done, ClassHolderTransformerContext context) {
        ProgramEmitter program = ProgramEmitter.create(method, context.getHierarchy());
        // Number 0 is what it is called on.
        Stream<ValueEmitter> on = method.hasModifier(ElementModifier.STATIC) ? Stream.empty()
                : Stream.of(program.var(0, ValueType.object(method.getOwnerName())));
        Stream<ValueEmitter> given = Stream.iterate(0, at -> at < method.parameterCount(), at -> at + 1)
                .map(at -> program.var(at + 1, method.parameterType(at)));
        program.invoke(done, method.getName(), method.getResultType(),
                Stream.concat(on, given).toArray(ValueEmitter[]::new)).returnValue();
    }
}
