package grastel.app;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Every test makes teachers: with passwords that are found out as easily as they are checked. */
@Configuration
class QuickPasswords {
    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int MEMORY_KB = 64;

    @Bean
    @Primary
    PasswordEncoder quick() {
        return new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, MEMORY_KB, 1);
    }
}
