package lunko.page.build;

import java.util.Set;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodHolder;
import org.teavm.model.ValueType;
import org.teavm.model.emit.ProgramEmitter;
import org.teavm.model.emit.ValueEmitter;
import org.teavm.vm.spi.TeaVMHost;
import org.teavm.vm.spi.TeaVMPlugin;

/**
 * Makes of the String of a browser what Java says of it: there a blank text is one of spaces, and what is stripped is
 * what JavaScript takes for white space.
 */
public final class JavaStrings implements TeaVMPlugin, ClassHolderTransformer {
    private static final String IN_ITS_PLACE = "lunko.page.engine.Blanks";
    private static final Set<String> OTHERWISE = Set.of("isBlank", "strip", "stripLeading", "stripTrailing");

    @Override
    public void install(TeaVMHost host) {
        host.add(this);
    }

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (!type.getName().equals("java.lang.String")) return;
        for (MethodHolder method : type.getMethods()) {
            if (!OTHERWISE.contains(method.getName()) || method.parameterCount() > 0) continue;
            ProgramEmitter program = ProgramEmitter.create(method, context.getHierarchy());
            ValueEmitter text = program.var(0, ValueType.object(type.getName()));
            program.invoke(IN_ITS_PLACE, method.getName(), method.getResultType(), text).returnValue();
        }
    }
}
