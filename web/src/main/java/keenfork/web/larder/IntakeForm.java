package keenfork.web.larder;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What was typed about a table of packs.
///
/// @param table the table
/// @param law   the rule book that a supplier's table was printed under, or `unknown`; empty where nobody said
/// @param food  what each product of a supplier's table is used for, in the order of its rows; empty until it was
///              looked at
record IntakeForm(String table, String law, List<String> food) {
    static final IntakeForm BLANK = new IntakeForm("", "", List.of());

    IntakeForm {
        food = List.copyOf(food);
    }

    /// {@return what was typed of it; a comma in what a product is used for parts it from no other}
    static IntakeForm of(String table, String law, HttpServletRequest request) {
        var foods = Optional.ofNullable(request.getParameterValues("food")).orElseGet(() -> new String[0]);
        return new IntakeForm(table, law, Arrays.stream(foods).map(String::strip).toList());
    }

    IntakeForm withTable(String other) { return new IntakeForm(other, law, List.of()); }

    /// {@return what the product of a row is used for, as the cook says, or else as its name does}
    String food(int row, String guessed, int rows) { return food.size() == rows ? food.get(row) : guessed; }
}
