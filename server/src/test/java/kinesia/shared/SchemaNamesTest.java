package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.GenericArrayType;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The published document calls a type by its simple name: two types of one name would silently be one. */
@ServerTest
class SchemaNamesTest {
    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private final Map<String, Set<String>> byName = new TreeMap<>();
    private final Set<Class<?>> seen = new HashSet<>();

    @Test
    void no_two_types_of_the_api_share_a_name() {
        for (HandlerMethod handler :
                requestMappingHandlerMapping.getHandlerMethods().values()) {
            Method method = handler.getMethod();
            if (method.getDeclaringClass().getName().startsWith("kinesia.")) {
                look(method.getGenericReturnType());
                for (Type parameter : method.getGenericParameterTypes()) {
                    look(parameter);
                }
            }
        }
        assertThat(byName).hasSizeGreaterThan(100);
        assertThat(byName)
                .allSatisfy((name, types) -> assertThat(types).as(name).hasSize(1));
    }

    private void look(Type type) {
        if (type instanceof ParameterizedType parameterized) {
            for (Type argument : parameterized.getActualTypeArguments()) {
                look(argument);
            }
            look(parameterized.getRawType());
        } else if (type instanceof GenericArrayType array) {
            look(array.getGenericComponentType());
        } else if (type instanceof WildcardType wildcard) {
            for (Type bound : wildcard.getUpperBounds()) {
                look(bound);
            }
        } else if (type instanceof Class<?> one && one.isRecord() && seen.add(one)) {
            byName.computeIfAbsent(one.getSimpleName(), n -> new TreeSet<>()).add(one.getName());
            for (RecordComponent part : one.getRecordComponents()) {
                look(part.getGenericType());
            }
        }
    }
}
