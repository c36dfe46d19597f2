using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>In which order the stages of a session come.</summary>
public static class StageOrder
{
    /// <summary>The stages for an owner who works in some way, earliest first.</summary>
    /// <remarks>What falls when dust is raised, and what smears glass, is weighed differently by different schools; that mats dry first, that wet work goes from the top down and that only what is clean is protected is common to all.</remarks>
    /// <param name="ways">How the owner likes to work.</param>
    /// <param name="glassBeforeWet">Whether glass has to be done before seats and floors are wet: nobody kneels on a wet seat, or treads foam into a carpet. Plastics are dressed before it then, since mist settles on glass.</param>
    /// <param name="dressBeforeWet">Whether plastics have to be dressed before the floor is wet, though glass need not be done by then.</param>
    public static IReadOnlyList<Stage> For(
        WaysOfWorking ways,
        bool glassBeforeWet = false,
        bool dressBeforeWet = false
    )
    {
        List<Stage> order =
        [
            Stage.Prepare,
            Stage.MatsOut,
            .. ways.Dust == DustSchool.DustFirst
                ? [Stage.Dust, Stage.VacuumHigh, Stage.VacuumFloor]
                : new[] { Stage.VacuumHigh, Stage.VacuumFloor, Stage.Dust },
            Stage.WetHigh,
            Stage.WetMiddle,
            Stage.WetLow,
            Stage.WetFloor,
            Stage.Protect,
            Stage.PutBack,
            Stage.SetBack,
        ];
        Stage wiped = glassBeforeWet || dressBeforeWet ? Stage.WetMiddle : Stage.WetFloor;
        order.Insert(order.IndexOf(wiped) + 1, Stage.Dress);
        Stage follows = ways.Glass switch
        {
            GlassTurn.First => Stage.MatsOut,
            // With the vacuum last of the dry work or not: the dash comes after.
            GlassTurn.AfterVacuum => ways.Dust == DustSchool.DustFirst ? Stage.VacuumFloor : Stage.Dust,
            _ => glassBeforeWet ? Stage.Dress : Stage.Protect,
        };
        // The inside cannot be judged through a dirty outside.
        order.InsertRange(order.IndexOf(follows) + 1, [Stage.GlassOutside, Stage.Glass]);
        return order;
    }
}
