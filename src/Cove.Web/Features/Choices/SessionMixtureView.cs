namespace Cove.Web.Features.Choices;

/// <summary>What a session takes of a product at one strength.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Strength">The strength in short.</param>
/// <param name="ProductMillilitres">The product to measure out.</param>
/// <param name="Drops">The same in drops; null when it is measured in millilitres.</param>
/// <param name="WaterMillilitres">The water to add; 0 for what is used as it is.</param>
/// <param name="LeftAfter">What is left of the product after the session, in millilitres; null when it was never measured.</param>
/// <param name="IsMixed">Whether it has to be mixed before starting.</param>
/// <param name="Sentence">All of it as one sentence.</param>
internal sealed record SessionMixtureView(
    Guid ProductId,
    string Name,
    string Strength,
    double ProductMillilitres,
    int? Drops,
    double WaterMillilitres,
    double? LeftAfter,
    bool IsMixed,
    string Sentence
)
{
    public static SessionMixtureView Of(SessionMixture mixture) =>
        new(
            mixture.ProductId,
            mixture.Name,
            $"{mixture.Strength}",
            mixture.Measured.Mixture.Product.Millilitres,
            mixture.Measured.Drops,
            mixture.Measured.Mixture.Water.Millilitres,
            mixture.LeftAfter?.Value,
            mixture.IsMixed,
            mixture.Sentence
        );
}
