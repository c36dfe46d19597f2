namespace Cove.Web.Features.Vehicles;

/// <summary>A request to change a vehicle that names, in an If-Match header, the version it is based on.</summary>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="Request">The request.</param>
/// <param name="Store">Where vehicles are kept.</param>
/// <param name="Clock">The owner's clock.</param>
/// <param name="Cancel">Gives up before anything is stored.</param>
internal readonly record struct VehicleChange(
    VehicleId VehicleId,
    HttpRequest Request,
    VehicleStore Store,
    OwnerClock Clock,
    CancellationToken Cancel
)
{
    /// <summary>Makes the change, or says why it cannot be made.</summary>
    /// <param name="edit">The change.</param>
    /// <param name="prefix">Where in the request the fields of the change stand, such as <c>layout.</c>.</param>
    public async Task<IResult> Make(Func<Vehicle, VehicleEdit> edit, string prefix = "")
    {
        if (Request.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        EditedVehicle edited = await Store.Edit(VehicleId, version, edit, Clock.Now, Cancel);
        switch (edited.Outcome)
        {
            case ChangeOutcome.Made:
                Request.HttpContext.Response.Headers.ETag = $"\"{edited.Vehicle!.Version}\"";
                return Results.Ok(VehicleInListView.Of(edited.Vehicle));
            case ChangeOutcome.Stale:
                return Problems.Stale();
            case ChangeOutcome.Refused:
                return Problems.Errors(edited.Errors!, prefix);
            default:
                return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }
    }
}
