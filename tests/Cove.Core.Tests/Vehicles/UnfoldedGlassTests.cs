namespace Cove.Core.Tests.Vehicles;

public sealed class UnfoldedGlassTests
{
    [Property(MaxTest = 120)]
    public Property Every_pane_of_every_car_is_laid_out_once_from_the_windscreen_round() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
            {
                Cabin cabin = CabinBuilder.Build(layout);
                IReadOnlyList<UnfoldedPane> panes = UnfoldedGlass.Of(cabin).Panes;
                SurfaceId[] glass =
                [
                    .. cabin
                        .Surfaces.Where(one => one.Kind is SurfaceKind.Windscreen or SurfaceKind.Glass)
                        .Select(one => one.Id),
                ];
                return panes[0].Place == PanePlace.Windscreen
                    && panes.Count(pane => pane.Place == PanePlace.Rear) == 1
                    && panes.Select(pane => pane.SurfaceId).Order().SequenceEqual(glass.Order())
                    && panes.All(pane => pane.Width > 20 && pane.Height > 20);
            }
        );

    [Fact]
    public void A_pane_is_as_large_as_its_surface()
    {
        Cabin cabin = CabinBuilder.Build(CareBook.ReferenceLayout);

        Assert.All(
            UnfoldedGlass.Of(cabin).Panes,
            pane =>
                Assert.Equal(
                    cabin.Surfaces.Single(one => one.Id == pane.SurfaceId).Area.SquareMetres * 10_000,
                    pane.Width * pane.Height,
                    6
                )
        );
    }
}
