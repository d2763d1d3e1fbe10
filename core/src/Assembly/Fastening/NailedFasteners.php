<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Nails for what no screw holds: frames, strips, mouldings and boards that lie with their face on what is there. */
final readonly class NailedFasteners
{
    /** Of a face; the heads are filled. */
    private const NAILED = [Role::Stile, Role::Rail, Role::Mullion, Role::Filler, Role::CornerFiller, Role::Lip, Role::Trim, Role::Crown, Role::ToeBoard,
        Role::Board, Role::Back, Role::BedRail];

    /** Along a joint, from 50 of its ends (our own figure). */
    private const PITCH_MM = 200;

    /** On less there is one. */
    private const FOR_TWO_MM = 60;

    /** A strip no thicker than that is nailed through its edge too. */
    private const THROUGH_MM = 30;

    /** @var array<string, true> units that something holds */
    private array $held;

    /** @var array<string, Unit> by part */
    private array $units;

    /**
     * @param  list<Contact>  $contacts  of the piece
     * @param  list<string>  $others  boards that the wall or something bought holds
     */
    public function __construct(private PlacedPiece $built, private array $contacts, Fastened $screws, array $others, private Screws $sold)
    {
        $this->units = array_merge(...array_map(fn (Unit $u): array => array_fill_keys($u->ids(), $u), $built->units), ...[[]]);
        $held = array_fill_keys(array_map(fn (string $id): string => $this->units[$id]->id, $others), true);
        foreach ($screws->fasteners as $screw) {
            [$from, $into] = [$this->units[$screw->from] ?? null, $this->units[$screw->into ?? ''] ?? null];
            $held += $from === null || $into === null || $from === $into ? []
                : (self::isHeldBy($from, $into) ? [$from->id => true] : []) + (self::isHeldBy($into, $from) ? [$into->id => true] : []);
        }
        $this->held = $held;
    }

    /** It is of what would be nailed. */
    public static function isAsked(Unit $unit): bool
    {
        return in_array($unit->role(), self::NAILED, true);
    }

    /** What is screwed to a frame does not hold that. */
    private static function isHeldBy(Unit $unit, Unit $by): bool
    {
        return $unit->kind !== UnitKind::Frame || in_array($by->kind, [UnitKind::Carcass, UnitKind::Base], true);
    }

    /** @return list<Fastener> */
    public function of(): array
    {
        $found = [];
        foreach ($this->contacts as $contact) {
            foreach ([$contact->first, $contact->second] as $id) {
                $panel = $this->built->panels[$id] ?? null;
                $into = $this->built->panels[$contact->other($id)] ?? null;
                if ($panel !== null && $into !== null && $this->isNailed($panel, $into, $contact)) {
                    array_push($found, ...$this->along($contact, $panel, $into));
                }
            }
        }

        return $found;
    }

    private function isNailed(Panel $panel, Panel $into, Contact $contact): bool
    {
        $unit = $this->units[$panel->id];
        $isLoose = in_array($unit->kind, [UnitKind::Loose, UnitKind::Frame], true) && ! isset($this->held[$unit->id]);
        if (! $isLoose || $contact->isLetIn || $this->units[$into->id] === $unit || ! in_array($panel->role, self::NAILED, true)) {
            return false;
        }
        $isThin = $contact->axis() === $panel->inHouse($panel->thin)
            || ! $panel->block->extent($contact->axis())->isGreaterThan(Length::fromMillimetres(self::THROUGH_MM));
        // Of two that nothing holds the later one is nailed to the earlier.
        $isFirst = ! in_array($into->role, self::NAILED, true) || isset($this->held[$this->units[$into->id]->id])
            || $this->units[$into->id]->kind === UnitKind::Frame || $contact->second === $panel->id;
        $isWood = ! in_array($panel->boughtAs, [BoughtAs::Glass, BoughtAs::Tube, BoughtAs::Box], true);

        return $isThin && $isFirst && $isWood && ! $into->role->moves() && ! in_array($into->role, [Role::Lid, Role::Slat], true);
    }

    /** @return list<Fastener> none where the shortest that is sold would come out */
    private function along(Contact $contact, Panel $panel, Panel $into): array
    {
        $axis = $contact->axis();
        $length = $this->sold->nail($panel->block->extent($axis), $into->block->extent($axis));
        $line = JointLine::over($axis, $contact->block());
        $head = $line->plane->plus($contact->runsUpFrom($panel->id) ? $panel->block->extent($axis)->negated() : $panel->block->extent($axis));

        return $length === null ? [] : array_map(fn (Length $p): Fastener => Fastener::driven(FastenerKind::Nail, [$panel->id, $into->id], $length,
            new Drill((new Place3($head, $head, $head))->with($line->along, $p)->with($line->across, $line->middle), $axis, $contact->runsUpFrom($panel->id))),
            $line->length->isLessThan(Length::fromMillimetres(self::FOR_TWO_MM)) ? [$line->from->plus($line->length->half())]
                : $line->every(Length::fromMillimetres(self::PITCH_MM)));
    }
}
