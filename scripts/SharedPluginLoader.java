import java.io.IOException;
import java.net.URL;
import java.net.URLClassLoader;
import java.util.Arrays;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/// Gives the compiler's plugins to all its runs within one build. By itself the compiler loads them anew for each
/// module, and for its tests: two thousand classes of checks, which are then compiled anew as well, fourteen times
/// in the whole build. It asks for this class by its option `procloader`; `./onebeat` sets that.
public final class SharedPluginLoader extends ClassLoader {

    private static final Map<List<String>, URLClassLoader> BY_PATH = new ConcurrentHashMap<>();

    private final URLClassLoader plugins;

    /// @param path where the plugins lie; the same path is the same classes
    /// @param compiler the loader of the compiler itself
    public SharedPluginLoader(URL[] path, ClassLoader compiler) {
        super(compiler);
        // Texts are compared, not addresses: those would be asked for in a network.
        List<String> key = Arrays.stream(path).map(URL::toString).toList();
        plugins = BY_PATH.computeIfAbsent(key, _ -> new URLClassLoader(path, compiler));
    }

    @Override
    protected Class<?> findClass(String name) throws ClassNotFoundException {
        return plugins.loadClass(name);
    }

    @Override
    protected URL findResource(String name) {
        return plugins.findResource(name);
    }

    @Override
    protected Enumeration<URL> findResources(String name) throws IOException {
        return plugins.findResources(name);
    }
}
