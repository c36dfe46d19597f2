using Cove.Core.Catalogue.Products;
using Cove.Core.Methods;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions.Ready;

/// <summary>A task that may not take minutes now, on some of its surfaces, with the reason and the shortest way out.</summary>
/// <param name="Status">The task on the surfaces that are held back.</param>
/// <param name="Reason">Why.</param>
/// <param name="Why">The same as one sentence to the owner.</param>
public sealed record HeldBack(CareStatus Status, HoldReason Reason, string Why)
{
    /// <summary>What to do about it, as one sentence; null when there is nothing to do but wait until it is due.</summary>
    public string? WayOut { get; init; }

    /// <summary>From when on it can be done, where it only takes time; null otherwise.</summary>
    public DateTimeOffset? From { get; init; }

    /// <summary>The class of product to buy; null when buying does not help.</summary>
    public ProductClass? Buy { get; init; }

    /// <summary>How long the car would have to stand; null when that is not the matter.</summary>
    public Standing? Stand { get; init; }
}

/// <summary>Why a task is held back. What is asked first stands first; a task is held back for the first reason that holds.</summary>
public enum HoldReason
{
    /// <summary>The owner left it out.</summary>
    LeftOut,

    /// <summary>It lies outside the part of the car, or the kind of work, that the owner asked for.</summary>
    NotAskedFor,

    /// <summary>The surface is closed to routine work.</summary>
    Closed,

    /// <summary>A fresh spot has to be seen to first.</summary>
    Spot,

    /// <summary>It is not nearly due yet.</summary>
    NotDue,

    /// <summary>A tool for it is not owned.</summary>
    NoTool,

    /// <summary>There is no water where the owner works.</summary>
    NoWater,

    /// <summary>There is no power where the owner works.</summary>
    NoPower,

    /// <summary>It is too hot, too cold or too sunny.</summary>
    Weather,

    /// <summary>The surface is still damp.</summary>
    Damp,

    /// <summary>The car would have to stand longer than it may.</summary>
    MustStand,

    /// <summary>What a person relies on, or what is wet for a day, would still be wet when the car is driven.</summary>
    WetWhenDriven,

    /// <summary>Nothing owned is safe there, strong enough, in date and enough.</summary>
    NoProduct,

    /// <summary>Something has to be done before it that is held back itself.</summary>
    OtherFirst,
}

/// <summary>What an owner may do about reasons.</summary>
public static class HoldReasons
{
    /// <summary>Whether an owner may do a task all the same: where only minutes, tools or the outcome are at stake, and they may know better than what is on record. Where a person could be harmed, where nothing safe is owned, on damp ground, and where belts would be wet on the road they may not.</summary>
    public static bool MayBeOverruled(this HoldReason reason) =>
        reason
            is HoldReason.LeftOut
                or HoldReason.NotDue
                or HoldReason.NoTool
                or HoldReason.NoWater
                or HoldReason.NoPower
                or HoldReason.Weather
                or HoldReason.MustStand;
}
