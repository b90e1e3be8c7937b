package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Parameter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.context.TestPropertySource;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/// Every address and every form, found by the controllers' own signatures, is given what nobody should send: a new form
/// is tried by being there. Nothing of it may break on our side, and afterwards every page still stands.
@TestPropertySource(properties = "test.kitchen=fuzz")
class AnyFormTest extends RunningKitchen {
    private static final long SEED = 20261128;
    private static final List<String> VALUES = List.of("", " ", "0", "1", "2", "-1", "7", "48", "99999999999999999999",
            "1.5", "½", "２", "NaN", "true", "abc", "nuts", "milk, traces", "a\u0000b", "\u202Eegg", "\uFFFE", "=1+1",
            "'; drop table dish; --", "<script>alert(1)</script>", "${7*7}", "%s%n", "2026-02-30", "2026-12-04",
            "25:61",
            "yours", "wash", "blender", "uk", "\r\n", "🥜".repeat(40), "nuts ".repeat(200), "x".repeat(3_000),
            "Dish\nServes 4\n100 g walnuts\nMethod:\nBlend it.");
    private static final List<String> PAGES = List.of("/today", "/dishes", "/larder", "/map", "/covers", "/swaps",
            "/run",
            "/labels", "/kitchen", "/map.pdf", "/covers/prep", "/covers/sheet", "/run/sheet", "/actuator/health");
    @Autowired RequestMappingHandlerMapping requestMappingHandlerMapping;
    private final Random random = new Random(SEED);

    /// An address with a way to ask for it.
    private record Way(String path, RequestMethod method, HandlerMethod handler) {}

    private List<Way> ways() {
        return requestMappingHandlerMapping.getHandlerMethods().entrySet().stream()
                .filter(e -> e.getValue().getBeanType().getPackageName().startsWith("keenfork")
                        && e.getKey().getConsumesCondition().getConsumableMediaTypes().stream()
                                .noneMatch(MediaType.MULTIPART_FORM_DATA::equals))
                .flatMap(e -> ways(e.getKey(), e.getValue())).sorted((a, b) -> (a.path + a.method)
                        .compareTo(b.path + b.method))
                .toList();
    }

    private static Stream<Way> ways(RequestMappingInfo info, HandlerMethod handler) {
        var methods = info.getMethodsCondition().getMethods();
        return info.getPatternValues().stream()
                .flatMap(path -> (methods.isEmpty() ? Set.of(RequestMethod.GET) : methods)
                        .stream().map(method -> new Way(path, method, handler)));
    }

    private String value() { return VALUES.get(random.nextInt(VALUES.size())); }

    private String path(Way way) {
        var path = way.path;
        while (path.contains("{"))
            path = path.replaceFirst("\\{[^}]*}", List.of("1", "2", "3", "0", "999999", "-1", "abc")
                    .get(random.nextInt(7)));
        return path;
    }

    /// {@return names and values of a form as the handler would take it}
    private String[] fields(Way way) {
        var fields = new ArrayList<String>();
        for (var parameter : way.handler.getMethod().getParameters()) names(parameter).forEach(name -> {
            fields.add(name);
            fields.add(value());
        });
        return fields.toArray(String[]::new);
    }

    private static Stream<String> names(Parameter parameter) {
        if (parameter.isAnnotationPresent(PathVariable.class)) return Stream.of();
        var asked = parameter.getAnnotation(RequestParam.class);
        if (asked != null) return Stream.of(asked.name().isEmpty() ? parameter.getName() : asked.name());
        return parameter.getType().isRecord() ? Arrays.stream(parameter.getType().getRecordComponents())
                .map(c -> c.getName()) : Stream.of();
    }

    @Test
    void no_form_breaks_on_our_side_and_every_page_still_stands() {
        var broken = new ArrayList<String>();
        var ways = ways();
        assertThat(ways).as("the controllers were found").hasSizeGreaterThan(80);
        for (var round = 0; round < 3; round++)
            for (var way : ways) {
                var path = path(way);
                var fields = fields(way);
                var status = (way.method == RequestMethod.POST ? post("/dishes/new", path, fields)
                        : get(path + query(fields))).statusCode();
                if (status >= 500) broken.add("%s %s %s: %d".formatted(way.method, path, List.of(fields), status));
            }
        for (var page : PAGES) {
            var status = get(page).statusCode();
            if (status != 200) broken.add(page + " afterwards: " + status);
        }
        assertThat(broken).isEmpty();
    }

    private static String query(String[] fields) {
        var pairs = new ArrayList<String>();
        for (var i = 0; i < fields.length; i += 2)
            pairs.add(fields[i] + "=" + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        return pairs.isEmpty() ? "" : "?" + pairs.stream().collect(Collectors.joining("&"));
    }
}
