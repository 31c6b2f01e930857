package grastel.e2e;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.concurrent.atomic.AtomicInteger;

/** Gives connections to the nodes by turns, and to another one where the one whose turn it is does not answer. */
final class TurnProxy implements Closeable {
    private static final int PATIENCE_MS = 2_000;

    private final ServerSocket door;
    private final int[] ports;
    private final AtomicInteger turn = new AtomicInteger();

    TurnProxy(int... ports) throws IOException {
        this.ports = ports.clone();
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        daemon(this::open);
    }

    String address() {
        return "http://127.0.0.1:" + door.getLocalPort();
    }

    private void open() {
        while (!door.isClosed()) {
            try {
                Socket client = door.accept();
                daemon(() -> serve(client));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void serve(Socket client) {
        try (client;
                Socket node = node()) {
            Thread back = daemon(() -> pass(node, client));
            pass(client, node);
            back.join();
        } catch (IOException nobodyAnswers) {
            // the client sees a closed connection, and asks again
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private Socket node() throws IOException {
        IOException last = null;
        int first = turn.getAndIncrement();
        for (int i = 0; i < ports.length; i++) {
            Socket node = new Socket();
            try {
                node.connect(
                        new InetSocketAddress(
                                InetAddress.getLoopbackAddress(), ports[Math.floorMod(first + i, ports.length)]),
                        PATIENCE_MS);
                return node;
            } catch (IOException e) {
                node.close();
                last = e;
            }
        }
        throw last;
    }

    private static void pass(Socket from, Socket to) {
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            in.transferTo(out);
            to.shutdownOutput();
        } catch (IOException ended) {
            close(from);
            close(to);
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Thread daemon(Runnable task) {
        Thread thread = new Thread(task, "proxy");
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
