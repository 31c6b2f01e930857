package grastel.app.decoding;

import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;

/**
 * The decoding process: takes requests on standard input, gives answers on standard output, one after another, and ends with
 * its input, whatever it is doing.
 */
final class ChildMain {
    /** What is asked. */
    enum Request {
        /** A file, to be kept until the next. */
        FILE,
        /** How many pages it has. */
        INSPECT,
        /** One of its pages. */
        DECODE
    }

    /** How it went. */
    enum Answer {
        DONE,
        UNREADABLE
    }

    /** The first byte it sends. */
    private static final int READY = 1;

    private static final byte[] NOTHING = {};

    private record Asked(Request request, byte[] file, int page) {}

    private final BlockingQueue<Asked> waiting = new LinkedBlockingQueue<>();
    private final DataInputStream in;
    private final DataOutputStream out;
    private final PictureFile.Limits limits;
    private byte[] file = NOTHING;

    private ChildMain(DataInputStream in, DataOutputStream out, PictureFile.Limits limits) {
        this.in = in;
        this.out = out;
        this.limits = limits;
    }

    /** @param arguments the most pixels of a page and pages of a file */
    public static void main(String[] arguments) throws InterruptedException, IOException {
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(System.out, 1 << 16));
        // Libraries may print; the channel is ours.
        System.setOut(System.err);
        PictureFile.Limits limits =
                new PictureFile.Limits(Long.parseLong(arguments[0]), Integer.parseInt(arguments[1]));
        ChildMain child = new ChildMain(new DataInputStream(System.in), out, limits);
        out.writeByte(READY);
        out.flush();
        Thread listening = new Thread(child::listen, "listening");
        listening.setDaemon(true);
        listening.start();
        child.answerAll();
    }

    private void listen() {
        try {
            while (true) {
                Request request = Request.values()[in.readByte()];
                switch (request) {
                    case FILE -> waiting.add(new Asked(request, in.readNBytes(in.readInt()), 0));
                    case INSPECT -> waiting.add(new Asked(request, NOTHING, 0));
                    case DECODE -> waiting.add(new Asked(request, NOTHING, in.readInt()));
                }
            }
        } catch (IOException gone) {
            // Whoever asked has ended: so does this, in the middle of whatever it does.
            Runtime.getRuntime().halt(0);
        }
    }

    private void answerAll() throws InterruptedException, IOException {
        while (true) {
            Asked asked = waiting.take();
            switch (asked.request()) {
                case FILE -> file = asked.file();
                case INSPECT ->
                    answer(() -> {
                        int pages = PictureFile.inspect(file, limits);
                        out.writeByte(Answer.DONE.ordinal());
                        out.writeInt(pages);
                    });
                case DECODE ->
                    answer(() -> {
                        Picture picture = PictureFile.decode(file, asked.page(), limits);
                        out.writeByte(Answer.DONE.ordinal());
                        picture.writeTo(out);
                    });
            }
        }
    }

    private interface Work {
        void run() throws UnreadablePage, IOException;
    }

    private void answer(Work work) throws IOException {
        try {
            work.run();
        } catch (UnreadablePage e) {
            refuse(e.problem(), e.figure());
        } catch (StackOverflowError | RuntimeException e) {
            refuse(UnreadablePage.Problem.DAMAGED, 0);
        }
        out.flush();
    }

    private void refuse(UnreadablePage.Problem problem, double figure) throws IOException {
        out.writeByte(Answer.UNREADABLE.ordinal());
        out.writeUTF(problem.name());
        out.writeDouble(figure);
    }
}
