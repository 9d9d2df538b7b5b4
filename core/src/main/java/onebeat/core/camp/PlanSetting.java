package onebeat.core.camp;

/// One thing that the coach asks of the camp's weeks, as it is kept: what it is about, and what is asked.
///
/// @param key for example `week.MONDAY` or `number.HEAD`; each stands once
/// @param value for example `60`
public record PlanSetting(String key, String value) {}
