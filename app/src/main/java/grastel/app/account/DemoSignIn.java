package grastel.app.account;

/** What the sign-in page of the demo shows; only the demo has one. */
public interface DemoSignIn {
    String name();

    String password();
}
