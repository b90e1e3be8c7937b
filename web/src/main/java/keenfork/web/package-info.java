/// The web application: one package a station, and what they share.
@NullMarked
package keenfork.web;

import org.jspecify.annotations.NullMarked;
