namespace Cove.Web.Features.Vehicles;

/// <summary>A vehicle that was sent as a file. It is read before any change begins.</summary>
/// <param name="File">The vehicle, or why it is refused.</param>
internal sealed record SentVehicle(ReadFile<VehicleDocument> File)
{
    public static async ValueTask<SentVehicle?> BindAsync(HttpContext http)
    {
        if (!http.Request.HasJsonContentType() || !JsonBodies.IsUtf8(http.Request.ContentType))
        {
            return new SentVehicle(ReadFile<VehicleDocument>.Refused(Problems.NotJson()));
        }

        byte[] bytes = await JsonBodies.ReadAll(http.Request, http.RequestAborted);
        DateTimeOffset latest = await http.LatestKnown();
        VehicleFileReading? reading = await FileWork.Read(
            http,
            cancel => VehicleFile.Read(bytes, latest, cancel)
        );
        return new SentVehicle(
            reading is null ? ReadFile<VehicleDocument>.Refused(Problems.TakesTooLong())
            : reading.Document is { } vehicle ? ReadFile<VehicleDocument>.Of(vehicle)
            : ReadFile<VehicleDocument>.Refused(Problems.InFile(reading.Errors))
        );
    }
}
