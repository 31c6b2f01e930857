package grastel.app.platform.colleagues;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets a colleague through to what is {@link ForColleagues}, within the class that is shared and the right that was given. */
@Component
class ColleagueGate implements HandlerInterceptor, WebMvcConfigurer {
    private final ObjectProvider<ClassOf> places;

    ColleagueGate(ObjectProvider<ClassOf> places) {
        this.places = places;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Ownership.guest().ifPresent(guest -> require(guest, request, handler));
        return true;
    }

    private void require(Guest guest, HttpServletRequest request, Object handler) {
        ForColleagues open =
                handler instanceof HandlerMethod method ? method.getMethodAnnotation(ForColleagues.class) : null;
        if (open == null || open.right().compareTo(guest.right()) > 0) {
            throw new ApiProblem(HttpStatus.FORBIDDEN, "NOT_FOR_COLLEAGUES", say("problem.this-is-not-shared"));
        }
        if (open.value() != About.LIST
                && !classOf(open, request).filter(guest.schoolClass()::equals).isPresent()) {
            throw ApiProblem.notFound(open.value().words());
        }
    }

    private Optional<UUID> classOf(ForColleagues open, HttpServletRequest request) {
        return id(request, open.by())
                .flatMap(id -> places.stream()
                        .filter(place -> place.about() == open.value())
                        .findFirst()
                        .flatMap(place -> place.find(id)));
    }

    private static Optional<UUID> id(HttpServletRequest request, String variable) {
        if (!(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> named)) {
            return Optional.empty();
        }
        try {
            return Optional.ofNullable(named.get(variable)).map(id -> UUID.fromString(id.toString()));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
