namespace Cove.Core.Tests.Vehicles;

public sealed class SurfaceEditTests
{
    private static readonly Vehicle Car = AnyCar.Of(CareBook.ReferenceLayout);

    [Property]
    public Property Every_generated_surface_keeps_to_the_rules() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
            {
                Cabin cabin = CabinBuilder.Build(layout);
                return !cabin.Surfaces.SelectMany(SurfaceRules.Check).Any()
                    && !SurfaceRules.CheckTogether(cabin.Surfaces, cabin.Zones).Any();
            }
        );

    [Fact]
    public void A_worn_surface_stays_in_all_work_and_its_mark_is_forgiven()
    {
        Vehicle worn = Made(
            SurfaceEdits.Change(Car, "driver-seat", seat => seat with { Wear = "Rubbed bolster" })
        );
        var tasks = CareBook
            .For(worn)
            .Where(item => item.Surfaces.Any(one => one.Id == "driver-seat"))
            .ToArray();

        Assert.Contains(tasks, item => item.Task.Id == "vacuum-seats");
        CareTask rubs = Assert.Single(tasks, item => item.Task.Rubs).Task;
        Surface Seat(Vehicle car) => car.Surfaces.First(one => one.Id == "driver-seat");
        Assert.True(Mark(rubs, Seat(worn)) > Mark(rubs, Seat(Car)));
        Assert.Equal(
            Mark(CareTasks.Find("vacuum-seats")!, Seat(Car)),
            Mark(CareTasks.Find("vacuum-seats")!, Seat(worn))
        );

        static Level Mark(CareTask task, Surface surface) => Tidiness.Everyday.MarkFor(task, surface);
    }

    [Fact]
    public void An_absent_surface_goes_from_care_and_plan_and_comes_back()
    {
        Vehicle without = Made(
            SurfaceEdits.Change(Car, "armrest", surface => surface with { Absent = true })
        );

        Assert.DoesNotContain(without.InCare(), surface => surface.Id == "armrest");
        Assert.DoesNotContain(without.ToCabin().Plan.Shapes, shape => shape.SurfaceId == "armrest");
        Vehicle back = Made(
            SurfaceEdits.Change(without, "armrest", surface => surface with { Absent = false })
        );
        Assert.Equal(Car.Surfaces, back.Surfaces);
    }

    [Fact]
    public void Parts_are_cared_for_instead_of_the_whole_until_they_are_joined()
    {
        Vehicle cut = Made(SurfaceEdits.Split(Car, "dash", ["Dash, left", "Dash, right"]));

        Assert.Equal(
            ["Dash, left", "Dash, right"],
            cut.InCare().Where(one => one.PartOf == "dash").Select(one => one.Name)
        );
        Assert.DoesNotContain(cut.InCare(), surface => surface.Id == "dash");
        Assert.Equal(Car.InCare().Count + 1, cut.InCare().Count);
        Assert.Equal(Car.Surfaces, Made(SurfaceEdits.Join(cut, "dash")).Surfaces);
    }

    [Fact]
    public void Parts_of_parts_keep_unique_ids_of_a_length_that_is_allowed()
    {
        Vehicle car = Made(SurfaceEdits.Split(Car, "rear-glass-passenger-side", ["One", "Two"]));
        for (int depth = 0; depth < 6; depth++)
        {
            Surface last = car.InCare().Last(surface => surface.PartOf is not null);
            if (SurfaceEdits.Split(car, last.Id, ["One", "Two", "Three"]).Vehicle is { } deeper)
            {
                car = deeper;
            }
        }

        Assert.Empty(car.Surfaces.SelectMany(SurfaceRules.Check));
        Assert.Equal(car.Surfaces.Count, car.Surfaces.Select(surface => surface.Id).Distinct().Count());
    }

    [Fact]
    public void An_added_surface_is_cared_for_like_its_kind_and_can_be_taken_away()
    {
        Surface bed = Car.Surfaces.First(surface => surface.Kind == SurfaceKind.Trim) with
        {
            Id = "x",
            Name = "Shelf",
        };

        Vehicle more = Made(SurfaceEdits.Add(Car, bed));

        Surface added = more.Surfaces[^1];
        Assert.Contains(
            CareBook.For(more),
            item => item.Task.Id == "wipe-gloss-trim" && item.Surfaces.Contains(added)
        );
        Assert.Equal(Car.Surfaces, Made(SurfaceEdits.Remove(more, added.Id)).Surfaces);
    }

    [Fact]
    public void What_cannot_be_is_refused_with_the_field_and_a_sentence()
    {
        Vehicle cut = Made(SurfaceEdits.Split(Car, "dash", ["A", "B"]));
        (string Property, VehicleEdit Edit)[] refused =
        [
            (nameof(Surface.Name), SurfaceEdits.Change(Car, "dash", one => one with { Name = "  " })),
            (nameof(Surface.Name), SurfaceEdits.Change(Car, "dash", one => one with { Name = "a\u0007b" })),
            (
                nameof(Surface.Material),
                SurfaceEdits.Change(Car, "dash", one => one with { Material = Material.Rubber })
            ),
            (
                nameof(Surface.Finish),
                SurfaceEdits.Change(Car, "wheel", one => one with { Finish = Finish.Gloss })
            ),
            (
                nameof(Surface.Facts),
                SurfaceEdits.Change(Car, "dash", one => one with { Facts = SurfaceFacts.TintFilm })
            ),
            (
                nameof(Surface.Area),
                SurfaceEdits.Change(Car, "dash", one => one with { Area = Area.FromSquareMetres(51) })
            ),
            (nameof(Surface.Id), SurfaceEdits.Change(Car, "moon", one => one)),
            (nameof(Surface.Id), SurfaceEdits.Remove(Car, "dash")),
            (nameof(Surface.Id), SurfaceEdits.Remove(cut, "dash-part-1")),
            (nameof(Surface.Id), SurfaceEdits.Join(Car, "dash")),
            ("Names", SurfaceEdits.Split(Car, "dash", ["A"])),
            ("Names", SurfaceEdits.Split(cut, "dash", ["A", "B"])),
        ];

        Assert.All(
            refused,
            one =>
            {
                Assert.Null(one.Edit.Vehicle);
                ValidationError error = one.Edit.Errors[0];
                Assert.Equal(one.Property, error.Property);
                Assert.EndsWith(".", error.Sentence, StringComparison.Ordinal);
            }
        );
    }

    [Fact]
    public void Surfaces_that_are_parts_of_each_other_are_refused()
    {
        Surface[] ring =
        [
            .. Car
                .Surfaces.Take(3)
                .Select((surface, at) => surface with { PartOf = Car.Surfaces[(at + 1) % 3].Id }),
        ];

        ValidationError[] errors = [.. SurfaceRules.CheckTogether(ring, Car.ToCabin().Zones)];

        Assert.Equal(3, errors.Length);
        Assert.All(
            errors,
            error => Assert.Contains("part of itself", error.Sentence, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Another_layout_keeps_what_the_owner_changed()
    {
        Vehicle own = Made(
            SurfaceEdits.Change(
                Car,
                "driver-seat",
                seat => seat with { Material = Material.SyntheticLeather, Wear = "Scuffs" }
            )
        );
        own = Made(
            SurfaceEdits.Change(
                own,
                "driver-glass",
                pane => pane with { Facts = pane.Facts | SurfaceFacts.TintFilm }
            )
        );
        own = Made(SurfaceEdits.Split(own, "dash", ["Dash, left", "Dash, right"]));
        own = Made(SurfaceEdits.Add(own, Car.Surfaces.First(one => one.Kind == SurfaceKind.Trim)));

        Vehicle rebuilt = Made(
            CabinRebuild.Of(
                own,
                Car.Layout with
                {
                    SeatMaterial = Material.CoatedLeather,
                    TintedRear = true,
                    DashMaterial = Material.CoatedLeather,
                }
            )
        );

        Assert.Equal(Material.SyntheticLeather, Find("driver-seat").Material);
        Assert.Equal("Scuffs", Find("driver-seat").Wear);
        Assert.Equal(Material.CoatedLeather, Find("passenger-seat").Material);
        Assert.True(Find("driver-glass").Facts.HasFlag(SurfaceFacts.TintFilm));
        Assert.True(Find("rear-glass").Facts.HasFlag(SurfaceFacts.TintFilm));
        Assert.Equal("Dash, left", Find("dash-part-1").Name);
        Assert.Equal(Material.CoatedLeather, Find("dash-part-1").Material);
        Assert.Contains(rebuilt.Surfaces, surface => surface.Id == "own-1");

        Surface Find(string id) => rebuilt.Surfaces.Single(surface => surface.Id == id);
    }

    [Property(MaxTest = 60)]
    public Property Going_to_another_layout_and_back_gives_the_same_car() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            AnyCar.Layouts.ToArbitrary(),
            (one, other) =>
            {
                Vehicle car = AnyCar.Of(one);
                Vehicle there = CabinRebuild.Of(car, other).Vehicle!;
                Vehicle back = CabinRebuild.Of(there, one).Vehicle!;
                return there.Surfaces.SequenceEqual(CabinBuilder.Build(other).Surfaces)
                    && back.Surfaces.SequenceEqual(car.Surfaces);
            }
        );

    private static Vehicle Made(VehicleEdit edit)
    {
        Assert.Empty(edit.Errors);
        return edit.Vehicle!;
    }
}
