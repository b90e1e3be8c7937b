package keenfork.core.run;

/// Where cooks differ: strict flags every shared use without a full wash; measured flags an estimate that reaches the
/// reference dose, or has no dose to be held against.
public enum ContactPolicy { STRICT, MEASURED }
