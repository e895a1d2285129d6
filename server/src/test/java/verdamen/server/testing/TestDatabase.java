package verdamen.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * A PostgreSQL cluster of the tests' own: made from nothing in a temporary folder, on loopback, without fsync, stopped and
 * deleted when the tests end.
 */
public final class TestDatabase {

    /** The user of the cluster; loopback needs no password in tests. */
    public static final String USER = "verdamen";

    private static final Path PROGRAMS = programs();
    private static final TestDatabase INSTANCE = new TestDatabase();

    private final Path folder;
    private final int port;

    private TestDatabase() {
        try {
            folder = Files.createTempDirectory("verdamen-test-db");
            port = freePort();
            if (isRoot()) {
                run(List.of("chown", "postgres", folder.toString()));
            }
            Runtime.getRuntime().addShutdownHook(new Thread(this::stop));
            run(program(
                    "initdb", "-D", data(), "-U", USER, "--auth=trust", "--encoding=UTF8", "--locale=C", "--no-sync"));
            run(program(
                    "pg_ctl",
                    "start",
                    "-w",
                    "-D",
                    data(),
                    "-l",
                    folder.resolve("log").toString(),
                    "-o",
                    options()));
        } catch (IOException e) {
            throw new UncheckedIOException("the test database cannot be started", e);
        }
    }

    /** The address of an empty database of this name, made again. */
    public static String fresh(String name) {
        INSTANCE.sql("drop database if exists " + name + " with (force)");
        INSTANCE.sql("create database " + name);
        return address(name);
    }

    /** The address of a database that is there. */
    public static String address(String name) {
        return "jdbc:postgresql://127.0.0.1:" + INSTANCE.port + "/" + name;
    }

    /** The address of a database of this name, made again from a dump. */
    public static String of(String name, Path dump) {
        String address = fresh(name);
        INSTANCE.psql(name, "-f", dump.toAbsolutePath().toString());
        return address;
    }

    /** Keeps the data of a database as they are now in a file. */
    public static Path snapshot(String name) {
        try {
            Path file = Files.createTempFile("verdamen-snapshot", ".sql");
            file.toFile().deleteOnExit();
            run(List.of(
                    "pg_dump",
                    "-h",
                    "127.0.0.1",
                    "-p",
                    String.valueOf(INSTANCE.port),
                    "-U",
                    USER,
                    "--data-only",
                    "--exclude-table=flyway_schema_history",
                    "-f",
                    file.toString(),
                    name));
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Puts the data of a database back to a snapshot while a server runs on it. The pantry's revision goes on, so that the
     * server reads it again.
     */
    public static void restore(String name, Path snapshot) {
        try {
            Path script = Files.createTempFile("verdamen-restore", ".sql");
            Files.writeString(
                    script,
                    "begin;\nselect max(pantry_revision) + 1 as next from kitchen \\gset\n"
                            + "truncate kitchen restart identity cascade;\n"
                            + Files.readString(snapshot)
                            + "\nupdate public.kitchen set pantry_revision = :next;\ncommit;\n");
            INSTANCE.psql(name, "-f", script.toString());
            Files.delete(script);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void sql(String statement) {
        psql("postgres", "-c", statement);
    }

    private void psql(String database, String option, String value) {
        run(List.of(
                "psql",
                "-q",
                "-v",
                "ON_ERROR_STOP=1",
                "-h",
                "127.0.0.1",
                "-p",
                String.valueOf(port),
                "-U",
                USER,
                "-d",
                database,
                option,
                value));
    }

    private String options() {
        return "-p " + port + " -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c fsync=off"
                + " -c full_page_writes=off -c synchronous_commit=off -c max_connections=50";
    }

    private void stop() {
        run(program("pg_ctl", "stop", "-m", "immediate", "-D", data()));
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            System.err.println("left behind: " + folder);
        }
    }

    private String data() {
        return folder.resolve("data").toString();
    }

    /** A free port below the range that the system gives away. */
    public static int freePort() {
        for (int port = 20_000 + (int) (System.nanoTime() % 5_000); port < 32_000; port++) {
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException taken) {
                continue;
            }
        }
        throw new IllegalStateException("no free port below 32000");
    }

    private static Path programs() {
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            return versions.map(version -> version.resolve("bin"))
                    .filter(bin -> Files.isExecutable(bin.resolve("initdb")))
                    .max(Comparator.comparing(Path::toString))
                    .orElseThrow();
        } catch (IOException | RuntimeException e) {
            throw new IllegalStateException("PostgreSQL's server is missing: apt-get install postgresql-15", e);
        }
    }

    /** PostgreSQL refuses root: as root its programs run as the user postgres. */
    private static List<String> program(String name, String... arguments) {
        List<String> command = new ArrayList<>();
        if (isRoot()) {
            command.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        command.add(PROGRAMS.resolve(name).toString());
        command.addAll(List.of(arguments));
        return command;
    }

    private static boolean isRoot() {
        return "root".equals(System.getProperty("user.name"));
    }

    private static void run(List<String> command) {
        try {
            Path output = Files.createTempFile("verdamen-test", ".log");
            Process process = new ProcessBuilder(command)
                    .directory(Path.of("/").toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .start();
            boolean ended = process.waitFor(60, TimeUnit.SECONDS);
            String said = Files.readString(output);
            Files.delete(output);
            if (!ended || process.exitValue() != 0) {
                throw new IllegalStateException(String.join(" ", command) + " failed: " + said);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
