/// Boils WordNet 3.1 down to the words a kitchen's reader may read past, and those that can be eaten. Runs while the
/// program is built.
package keenfork.dictionary;
