package keenfork.web.persistence;

/// Said after anything was stored: what was derived before no longer stands.
public record Changed() {}
