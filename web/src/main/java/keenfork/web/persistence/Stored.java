package keenfork.web.persistence;

/// A value with its key and the version it was read at, so that nobody overwrites what another wrote meanwhile.
public record Stored<T>(long id, long version, T value) {}
