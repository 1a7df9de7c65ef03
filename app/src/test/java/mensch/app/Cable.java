package mensch.app;

import java.io.Closeable;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A line to a port on this machine that can be cut and mended. */
final class Cable implements Closeable {
    private static final int LENGTH = 50;

    private final ServerSocket server;
    private final int to;
    private final List<Socket> ends = new CopyOnWriteArrayList<>();
    private volatile boolean whole = true;

    Cable(int to) throws IOException {
        this.to = to;
        this.server = new ServerSocket(0, LENGTH, InetAddress.getLoopbackAddress());
        run(this::accept);
    }

    int port() {
        return server.getLocalPort();
    }

    void cut() {
        whole = false;
        ends.forEach(Cable::end);
        ends.clear();
    }

    void mend() {
        whole = true;
    }

    private void accept() throws IOException {
        while (!server.isClosed()) {
            Socket near = server.accept();
            if (!whole) {
                end(near);
                continue;
            }
            var far = new Socket(InetAddress.getLoopbackAddress(), to);
            ends.add(near);
            ends.add(far);
            run(() -> near.getInputStream().transferTo(far.getOutputStream()));
            run(() -> far.getInputStream().transferTo(near.getOutputStream()));
        }
    }

    private interface Work {
        void go() throws IOException;
    }

    /** A line that breaks simply ends. */
    private static void run(Work work) {
        var thread = new Thread(() -> {
            try {
                work.go();
            } catch (IOException e) {
                Thread.currentThread().interrupt();
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private static void end(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() throws IOException {
        cut();
        server.close();
    }
}
