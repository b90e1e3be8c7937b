package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeFileTest {
    @TempDir Path folder;

    private Path file(String name, byte[] bytes) throws IOException {
        return Files.write(folder.resolve(name), bytes);
    }

    @ParameterizedTest @ValueSource(strings = {"UTF-8", "UTF-16", "UTF-16LE", "UTF-16BE", "windows-1252",
            "x-UTF-32BE-BOM", "x-UTF-32LE-BOM", "x-UTF-16LE-BOM"})
    void text_of_the_usual_encodings_is_read(String charset) throws Exception {
        var text = "Purée\r\n½ cup tahini\r\n";
        assertThat(RecipeFile.read(file("a.txt", text.getBytes(Charset.forName(charset))))).isEqualTo(text);
    }

    @Test
    void a_mark_at_the_start_is_no_part_of_the_name() throws Exception {
        assertThat(RecipeFile.read(file("a.txt", "\uFEFFDip\n1 egg".getBytes(StandardCharsets.UTF_8))))
                .startsWith("Dip");
    }

    @Test
    void what_is_no_text_is_told_in_one_line() throws IOException {
        var undefined = file("undefined.txt", new byte[] {'D', 'i', 'p', '\n', (byte) 0x81, (byte) 0x8D});
        var lines = file("lines.txt", "1 egg\n".repeat(2_001).getBytes(StandardCharsets.UTF_8));
        var line = file("line.txt", ("Dip\n" + "egg ".repeat(3_000)).getBytes(StandardCharsets.UTF_8));
        var zeros = file("zeros.txt", new byte[] {'D', 'i', 'p', 0, 1});
        var large = file("large.txt", new byte[10_000_001]);
        assertThatThrownBy(() -> RecipeFile.read(undefined)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("UTF-8");
        assertThatThrownBy(() -> RecipeFile.read(lines)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("2,000 lines");
        assertThatThrownBy(() -> RecipeFile.read(line)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("one ingredient a line");
        assertThatThrownBy(() -> RecipeFile.read(zeros)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("no text");
        assertThatThrownBy(() -> RecipeFile.read(large)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("10 MB");
        assertThatThrownBy(() -> RecipeFile.read(folder)).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("folder");
    }

    @Test
    void bytes_of_any_kind_are_read_or_told_and_nothing_else_happens() throws IOException {
        var random = new java.util.Random(7);
        for (var i = 0; i < 400; i++) {
            var bytes = new byte[random.nextInt(200)];
            random.nextBytes(bytes);
            // half of them printable, so that the text itself is reached
            if (i % 2 == 0) for (var at = 0; at < bytes.length; at++) bytes[at] = (byte) (bytes[at] & 0x7F | 0x20);
            var file = file("any" + i + (i % 3 == 0 ? ".json" : ".txt"), bytes);
            try {
                assertThat(RecipeFile.read(file)).isNotBlank();
            } catch (RecipeFile.Unreadable e) {
                assertThat(e.getMessage()).isNotBlank().doesNotContain("\n");
            }
        }
    }

    @Test
    void json_ld_of_every_shape_becomes_recipe_text() throws Exception {
        var json =
                """
                [{"@type": "WebPage"}, {"@type": "Recipe", "name": "Bean\\n dip", "recipeYield": ["4 tubs"], \
                "recipeIngredient": ["400 g white beans", "2 tbsp tahini"],
                  "recipeInstructions": [{"@type": "HowToSection", "name": "First", "itemListElement": [{"@type": \
                "HowToStep", "text": "Blend."}]}, "Chill."]}]""";
        assertThat(RecipeFile.read(file("r.json", json.getBytes(StandardCharsets.UTF_8))))
                .isEqualTo("Bean dip\nMakes 4 tubs\nBase:\n400 g white beans\n2 tbsp tahini\nMethod:\nBlend.\nChill.");
    }
}
