package kinesia.shared;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import kinesia.KinesiaApplication;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ContextConfiguration;

/**
 * The whole server on a real PostgreSQL; one context for all tests, and for each test a copy of the demo rooms of its own.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(classes = KinesiaApplication.class, properties = "kinesia.demo=true")
@AutoConfigureMockMvc
@ContextConfiguration(initializers = TestDatabase.class)
@Import({Caller.class, TestClock.class})
@ExtendWith(OwnRooms.class)
public @interface ServerTest {}
