package onebeat.store;

import java.io.PrintWriter;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.logging.Logger;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;

/// Gives one connection again and again, and lets nobody close it: a database in memory is gone with its connection.
final class OneConnection implements DataSource {

    private final Connection connection;

    OneConnection(Connection connection) {
        this.connection = connection;
    }

    @Override
    public Connection getConnection() {
        return (Connection) Proxy.newProxyInstance(
                OneConnection.class.getClassLoader(), new Class<?>[] {Connection.class}, (_, method, arguments) -> {
                    if (method.getName().equals("close")) {
                        return null;
                    }
                    try {
                        return method.invoke(connection, arguments);
                    } catch (InvocationTargetException e) {
                        throw e.getCause();
                    }
                });
    }

    @Override
    public Connection getConnection(String user, String password) {
        return getConnection();
    }

    @Override
    public @Nullable PrintWriter getLogWriter() {
        return null;
    }

    @Override
    public void setLogWriter(@Nullable PrintWriter out) {
        // Nothing is written to it.
    }

    @Override
    public void setLoginTimeout(int seconds) {
        // The connection is open.
    }

    @Override
    public int getLoginTimeout() {
        return 0;
    }

    @Override
    public Logger getParentLogger() {
        return Logger.getLogger(Logger.GLOBAL_LOGGER_NAME);
    }

    @Override
    public <T> T unwrap(Class<T> kind) {
        throw new UnsupportedOperationException();
    }

    @Override
    public boolean isWrapperFor(Class<?> kind) {
        return false;
    }
}
