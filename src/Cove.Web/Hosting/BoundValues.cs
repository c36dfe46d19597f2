using System.ComponentModel;
using System.Globalization;
using Microsoft.AspNetCore.Http.Metadata;

namespace Cove.Web.Hosting;

/// <summary>Says which value in the address of a request could not be read.</summary>
internal static class BoundValues
{
    /// <summary>What is wrong with the values that an endpoint takes from path and query; empty when they are not to blame.</summary>
    public static IEnumerable<ValidationError> Check(HttpRequest request, Endpoint? endpoint)
    {
        foreach (
            IParameterBindingMetadata value in endpoint?.Metadata.GetOrderedMetadata<IParameterBindingMetadata>()
                ?? []
        )
        {
            Type type = value.ParameterInfo.ParameterType;
            if (!value.HasTryParse)
            {
                continue;
            }

            string? given =
                request.RouteValues.TryGetValue(value.Name, out object? part) ? part?.ToString()
                : request.Query.TryGetValue(value.Name, out var parts) ? parts.ToString()
                : null;
            if (given is null ? !value.IsOptional : !CanBeRead(given, type))
            {
                yield return new ValidationError(value.Name, JsonShape.ExpectedFor(type));
            }
        }
    }

    private static bool CanBeRead(string given, Type type)
    {
        try
        {
            return TypeDescriptor
                .GetConverter(Nullable.GetUnderlyingType(type) ?? type)
                .ConvertFromString(null, CultureInfo.InvariantCulture, given)
                is not null;
        }
        catch (Exception error)
            when (error is ArgumentException or FormatException or NotSupportedException or OverflowException)
        {
            return false;
        }
    }
}
