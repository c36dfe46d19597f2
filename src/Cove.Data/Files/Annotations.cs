using System.Collections;
using System.Collections.Concurrent;
using System.ComponentModel.DataAnnotations;
using System.Reflection;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Holds a document, and everything in it, to the limits written on its properties.</summary>
public static class Annotations
{
    /// <summary>The properties of each type with their names in a file: a large file holds thousands of a type.</summary>
    private static readonly ConcurrentDictionary<
        Type,
        (PropertyInfo Property, string Name, ValidationAttribute[] Limits)[]
    > Limited = new();

    /// <summary>What is wrong, with paths such as <c>surfaces[3].name</c>.</summary>
    /// <param name="document">The document.</param>
    public static IEnumerable<ValidationError> Check(object document) => Check(document, string.Empty);

    private static IEnumerable<ValidationError> Check(object document, string path)
    {
        foreach (var (property, name, limits) in Limited.GetOrAdd(document.GetType(), LimitsOf))
        {
            if (property.GetValue(document) is not { } value)
            {
                continue;
            }

            string at = Join(path, name);
            ValidationAttribute? broken = Array.Find(limits, limit => !limit.IsValid(value));
            if (broken is not null)
            {
                yield return new ValidationError(at, broken.ErrorMessage ?? "This value is out of range.");
                continue;
            }

            foreach (ValidationError error in Within(value, at))
            {
                yield return error;
            }
        }
    }

    private static (PropertyInfo, string, ValidationAttribute[])[] LimitsOf(Type type) =>
        [
            .. type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                .Where(property => property.GetIndexParameters().Length == 0)
                .Select(property =>
                    (
                        property,
                        JsonNamingPolicy.CamelCase.ConvertName(property.Name),
                        property.GetCustomAttributes<ValidationAttribute>().ToArray()
                    )
                ),
        ];

    private static IEnumerable<ValidationError> Within(object value, string path)
    {
        if (IsDocument(value))
        {
            return Check(value, path);
        }

        return value is string or not IList
            ? []
            : ((IList)value)
                .Cast<object?>()
                .SelectMany(
                    (element, index) =>
                        element is null ? [new ValidationError($"{path}[{index}]", "This has to be given.")]
                        : IsDocument(element) ? Check(element, $"{path}[{index}]")
                        : []
                );
    }

    /// <summary>Whether a value is a record of this project; a list of them counts as a list.</summary>
    private static bool IsDocument(object value) =>
        value is not IEnumerable
        && value.GetType() is { IsClass: true } type
        && type.Assembly == typeof(Annotations).Assembly;

    private static string Join(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";
}
