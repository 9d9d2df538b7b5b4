import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassFileVersion;
import java.lang.classfile.ClassHierarchyResolver;
import java.lang.constant.ClassDesc;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/// Copies the jars of the installed program so that it starts quickly:
///
///     java ImageJars.java FROM TO
///
/// Classes of formats before Java 6 are written anew with the stack maps that later ones have, for no start-up cache
/// takes them as they are. What is small in the program's own jars is not compressed. All else stays as it is.
final class ImageJars {

    private static final String CHANGED =
            "Class files of a format before Java 6 were given stack maps. Nothing else was changed.\n";
    private static final long SMALL = 1_000_000;

    private ImageJars() {}

    public static void main(String[] args) throws IOException {
        Path to = Files.createDirectories(Path.of(args[1]));
        try (var jars = Files.list(Path.of(args[0]))) {
            for (Path jar : jars.filter(one -> one.toString().endsWith(".jar")).sorted().toList()) {
                copy(jar, to.resolve(jar.getFileName()));
            }
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        boolean own = from.getFileName().toString().startsWith("onebeat-");
        try (ZipFile in = new ZipFile(from.toFile())) {
            boolean old = false;
            for (ZipEntry entry : in.stream().toList()) {
                old |= isOld(in, entry);
            }
            if (own || old) {
                rewrite(in, to, own, old);
            } else {
                Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    private static boolean isOld(ZipFile in, ZipEntry entry) throws IOException {
        if (!entry.getName().endsWith(".class")) {
            return false;
        }
        try (InputStream stream = in.getInputStream(entry)) {
            byte[] head = stream.readNBytes(8);
            return ((head[6] & 0xff) << 8 | head[7] & 0xff) < ClassFile.JAVA_6_VERSION;
        }
    }

    private static void rewrite(ZipFile in, Path to, boolean stored, boolean old) throws IOException {
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            for (ZipEntry entry : in.stream().toList()) {
                byte[] bytes = bytes(in, entry);
                byte[] written = isOld(in, entry) ? modern(in, bytes) : bytes;
                ZipEntry copy = new ZipEntry(entry.getName());
                copy.setTime(entry.getTime());
                if (stored && written.length < SMALL) {
                    store(copy, written);
                }
                out.putNextEntry(copy);
                out.write(written);
                out.closeEntry();
            }
            if (old) {
                out.putNextEntry(new ZipEntry("META-INF/CHANGED-BY-ONE-BEAT.txt"));
                out.write(CHANGED.getBytes(StandardCharsets.UTF_8));
                out.closeEntry();
            }
        }
    }

    private static byte[] bytes(ZipFile in, ZipEntry entry) throws IOException {
        try (InputStream stream = in.getInputStream(entry)) {
            return stream.readAllBytes();
        }
    }

    private static void store(ZipEntry entry, byte[] bytes) {
        CRC32 sum = new CRC32();
        sum.update(bytes);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(sum.getValue());
    }

    private static byte[] modern(ZipFile jar, byte[] bytes) {
        ClassHierarchyResolver known = ClassHierarchyResolver.ofResourceParsing(type -> found(jar, type))
                .orElse(ClassHierarchyResolver.defaultResolver());
        ClassFile files = ClassFile.of(
                ClassFile.StackMapsOption.GENERATE_STACK_MAPS,
                // With the old pool a method would be copied as it is.
                ClassFile.ConstantPoolSharingOption.NEW_POOL,
                ClassFile.ClassHierarchyResolverOption.of(known));
        return files.transformClass(files.parse(bytes), (made, element) -> {
            if (element instanceof ClassFileVersion) {
                made.withVersion(ClassFile.JAVA_8_VERSION, 0);
            } else {
                made.with(element);
            }
        });
    }

    private static InputStream found(ZipFile jar, ClassDesc type) {
        String name = type.descriptorString();
        ZipEntry entry = jar.getEntry(name.substring(1, name.length() - 1) + ".class");
        try {
            return entry == null ? null : jar.getInputStream(entry);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
