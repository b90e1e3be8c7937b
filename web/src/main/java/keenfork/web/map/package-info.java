/// Station Map: dishes by the groups of the rule book, and the thread behind every mark.
@NullMarked
package keenfork.web.map;

import org.jspecify.annotations.NullMarked;
