<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Checks\Details\BoxRange;
use Incastro\Core\Checks\Details\NotchAvoidable;
use Incastro\Core\Checks\Details\PaintTight;
use Incastro\Core\Checks\Details\RepeatDrifts;
use Incastro\Core\Checks\Details\ThingOutside;
use Incastro\Core\Checks\House\ApplianceAir;
use Incastro\Core\Checks\House\CircuitFull;
use Incastro\Core\Checks\House\CircuitOff;
use Incastro\Core\Checks\House\DampBoards;
use Incastro\Core\Checks\House\FireLining;
use Incastro\Core\Checks\House\FloorPinned;
use Incastro\Core\Checks\House\Landlord;
use Incastro\Core\Checks\House\MantelNear;
use Incastro\Core\Checks\House\NoFixPierced;
use Incastro\Core\Checks\House\OldSurfaces;
use Incastro\Core\Checks\House\ServicesMoved;
use Incastro\Core\Checks\House\ServiceZones;
use Incastro\Core\Checks\House\StructureCut;
use Incastro\Core\Checks\House\VentsSmothered;
use Incastro\Core\Checks\Making\ApplianceFixed;
use Incastro\Core\Checks\Making\DriverRoom;
use Incastro\Core\Checks\Making\FixingSealed;
use Incastro\Core\Checks\Making\HandRoom;
use Incastro\Core\Checks\Making\HiddenRecorded;
use Incastro\Core\Checks\Making\OneChance;
use Incastro\Core\Checks\Making\PocketsUnderTrim;
use Incastro\Core\Checks\Making\StudsRecorded;
use Incastro\Core\Checks\Making\WaysIn;
use Incastro\Core\Checks\Material\EdgeBare;
use Incastro\Core\Checks\Material\EdgeScrews;
use Incastro\Core\Checks\Material\MixedBatch;
use Incastro\Core\Checks\Material\SheetOdd;
use Incastro\Core\Checks\Material\ThicknessRead;
use Incastro\Core\Checks\Material\WeakAxis;
use Incastro\Core\Checks\People\BedGuard;
use Incastro\Core\Checks\People\ChestVents;
use Incastro\Core\Checks\People\FingerTraps;
use Incastro\Core\Checks\People\LiftHeavy;
use Incastro\Core\Checks\People\OutOfReach;
use Incastro\Core\Checks\People\PoisonLow;
use Incastro\Core\Checks\People\RiseAndGoing;
use Incastro\Core\Checks\People\TieBack;
use Incastro\Core\Checks\People\ToeRoom;
use Incastro\Core\Checks\People\WindowFall;
use Incastro\Core\Checks\Strength\BedCarries;
use Incastro\Core\Checks\Strength\BoardsCarry;
use Incastro\Core\Checks\Strength\CastorsTip;
use Incastro\Core\Checks\Strength\DrawersTip;
use Incastro\Core\Checks\Strength\EndsGive;
use Incastro\Core\Checks\Strength\HangingLoad;
use Incastro\Core\Checks\Strength\HeldByNothing;
use Incastro\Core\Checks\Strength\HingesCarry;
use Incastro\Core\Checks\Strength\Racks;
use Incastro\Core\Checks\Strength\RunnersRated;
use Incastro\Core\Checks\Strength\ShelfSags;
use Incastro\Core\Checks\Strength\SlabsSag;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** Runs every check over a fitted piece, and says what the survey still lacks. */
final class Checker
{
    /** Rules that read one fitted piece. */
    public const RULES = [
        GoesBetweenWalls::class, GoesUnderCeiling::class, StaysInDepth::class, BoardsHaveSize::class, EdgesClose::class,
        ThingsInTheWay::class, LetsThingsThrough::class, MovesFreely::class, HolesClear::class, CableWay::class, StudsBehind::class,
        ApplianceFixed::class, DriverRoom::class, FixingSealed::class, HandRoom::class,
        HiddenRecorded::class, PocketsUnderTrim::class, StudsRecorded::class, WaysIn::class,
        BedCarries::class, BoardsCarry::class, CastorsTip::class, DrawersTip::class, EndsGive::class, HangingLoad::class, HeldByNothing::class,
        HingesCarry::class, Racks::class, RunnersRated::class, ShelfSags::class, SlabsSag::class,
        BedGuard::class, ChestVents::class, FingerTraps::class, LiftHeavy::class, OutOfReach::class,
        PoisonLow::class, RiseAndGoing::class, TieBack::class, ToeRoom::class, WindowFall::class,
        ApplianceAir::class, CircuitFull::class, CircuitOff::class, DampBoards::class, FireLining::class, FloorPinned::class, Landlord::class,
        MantelNear::class, NoFixPierced::class, OldSurfaces::class, ServiceZones::class, ServicesMoved::class, StructureCut::class, VentsSmothered::class,
        EdgeBare::class, EdgeScrews::class, MixedBatch::class, SheetOdd::class, ThicknessRead::class,
        BoxRange::class, NotchAvoidable::class, PaintTight::class, RepeatDrifts::class, ThingOutside::class,
    ];

    /** @return list<Finding> */
    public function piece(PlacedPiece $built, Assembly $assembly): array
    {
        return array_merge(...array_map(fn (string $rule): array => (new $rule)->of($built, $assembly), self::RULES));
    }

    /**
     * What shows only once all parts are laid on their sheets.
     *
     * @return list<Finding>
     */
    public function cutting(Cutting $cutting, Project $project, Assembly $assembly): array
    {
        return [...(new FitsSheet)->of($cutting, $project), ...(new LocksHold)->of($cutting, $project), ...(new CutAlready)->of($cutting, $project),
            ...(new AsMade)->of($cutting, $project), ...(new OneChance)->of($cutting, $project), ...(new WeakAxis)->of($cutting, $assembly)];
    }

    /** @return list<Finding> */
    public function survey(Space $space, Room $room): array
    {
        $unsure = ! $room->doubt->isSettled('clear_width') && ($space->left === SideKind::Wall || $space->right === SideKind::Wall);
        $missing = match (true) {
            ! $room->isMeasured() => ['survey.no_width', Severity::Stop],
            $unsure && count($room->stations()) < 3 => ['survey.too_few_widths', Severity::Look],
            $unsure && $space->taken(ReadingKind::Plumb) === [] => ['survey.no_plumb', Severity::Look],
            $space->taken(ReadingKind::Height) === [] && $space->taken(ReadingKind::Diagonal) !== [] => ['survey.diagonal_unused', Severity::Look],
            $space->taken(ReadingKind::Height) === [] => ['survey.no_height', Severity::Note],
            default => null,
        };
        $findings = $room->findings;
        if ($missing !== null) {
            [$code, $severity] = $missing;
            $findings[] = new Finding($code, $severity, new Place(WorkStage::Site, $space->id),
                Text::of($code), Text::of("$code.remedy"), Text::of('source.survey'));
        }

        return [...$findings, ...(new WallsRead)->of($room)];
    }
}
