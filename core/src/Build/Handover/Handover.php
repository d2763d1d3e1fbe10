<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Handover;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Build\Shopping\FinishNeeds;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Facts\CareDone;
use Incastro\Core\Document\Facts\ChoiceMade;
use Incastro\Core\Document\Facts\HandedOver;
use Incastro\Core\Document\Facts\HiddenThing;
use Incastro\Core\Document\Facts\LaterVerdict;
use Incastro\Core\Document\Facts\Log;
use Incastro\Core\Document\Facts\Mistake;
use Incastro\Core\Document\Facts\Picture;
use Incastro\Core\Document\Facts\TinUsed;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The record of the finished work for who lives with it: what it is, what it hides, how it was finished, what is where, what wants looking after. */
final readonly class Handover implements \JsonSerializable
{
    private Log $log;

    /** @var list<PlacedPiece> */
    private array $pieces;

    public function __construct(private Project $project, private Assembly $assembly)
    {
        $this->pieces = array_values($assembly->pieces);
        $this->log = $project->log;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $handed = $this->handed();

        return [
            'handed' => $handed === null ? null : ['at' => $handed->at, 'to' => $handed->to, 'text' => $handed->text],
            'pieces' => array_map($this->piece(...), $this->pieces),
            'hidden' => $this->hidden(),
            'choices' => $this->choices(),
            'mistakes' => array_map(
                fn (Mistake $m): array => ['about' => $m->about, 'text' => $m->text, 'cause' => $m->cause, 'minutes' => $m->minutes, 'at' => $m->at],
                $this->log->all(Mistake::class)),
            'stored' => array_merge(...array_map($this->stored(...), $this->pieces), ...[[]]),
            'care' => $this->care(),
        ];
    }

    private function handed(): ?HandedOver
    {
        $all = $this->log->all(HandedOver::class);

        return end($all) ?: null;
    }

    /** @return array<string, mixed> */
    private function piece(PlacedPiece $built): array
    {
        $boards = array_map(fn (Panel $p): string => $p->bought ? '' : $this->project->stock[$p->material]->name, $built->fit->panels);
        $piece = $built->piece;

        return [
            'id' => $piece->id, 'name' => $piece->name, 'space' => $built->room->space->name,
            'width' => self::extent($built, Axis::X), 'height' => self::extent($built, Axis::Z), 'depth' => self::extent($built, Axis::Y),
            'materials' => array_values(array_unique(array_filter($boards))), 'parts' => count($built->fit->panels),
            'kg' => new Amount($built->weight->of(...$built->fit->panels), AmountUnit::Kilogram),
            'finish' => $piece->finish->kind->value, 'coats' => FinishNeeds::coats($piece),
            'colour' => $piece->finish->colour, 'sheen' => $piece->finish->sheen,
            'tins' => array_values(array_map(
                fn (TinUsed $t): array => ['name' => $t->name, 'colour' => $t->colour, 'sheen' => $t->sheen, 'batch' => $t->batch, 'at' => $t->at],
                array_filter($this->log->all(TinUsed::class), fn (TinUsed $t): bool => $t->piece === $piece->id))),
            'glued' => $piece->methods->glue,
            'wall_screws' => array_map(fn (WallFastener $s): array => ['part' => $s->board->name, 'x' => $s->x, 'z' => $s->z],
                $this->assembly->wallScrews($built->piece->id)),
        ];
    }

    /** Over all its parts, as it stands in the house. */
    private static function extent(PlacedPiece $built, Axis $axis): Length
    {
        $blocks = array_map(fn (Panel $p): Block => $p->block, array_values($built->panels));

        return $blocks === [] ? Length::zero() : Length::greatest(...array_map(fn (Block $b): Length => $b->to($axis), $blocks))
            ->minus(Length::least(...array_map(fn (Block $b): Length => $b->from($axis), $blocks)));
    }

    /** @return list<array<string, mixed>> by what it is about, with its photos */
    private function hidden(): array
    {
        $rows = [];
        foreach ($this->log->all(HiddenThing::class) as $fact) {
            $rows[$fact->about]['records'][] = ['text' => $fact->text, 'distances' => $fact->distances, 'at' => $fact->at];
        }
        foreach ($this->log->all(Picture::class) as $photo) {
            $mark = $photo->mark === null ? null
                : ['drawing' => $photo->mark->drawing, 'view' => $photo->mark->view, 'x' => $photo->mark->x, 'y' => $photo->mark->y];
            $rows[$photo->about]['photos'][] = ['photo' => $photo->photo, 'caption' => $photo->caption, 'mark' => $mark, 'at' => $photo->at];
        }

        return array_map(fn (string $about, array $r): array => ['about' => $about, 'name' => $this->named($about),
            'records' => $r['records'] ?? [], 'photos' => $r['photos'] ?? []], array_map(strval(...), array_keys($rows)), array_values($rows));
    }

    /** A thing, studs of a room, a part or a piece by its name; null for what is no more, or for a step. */
    private function named(string $about): ?Text
    {
        foreach ($this->pieces as $built) {
            foreach ($built->room->things as $thing) {
                if ($thing->thing->id === $about) {
                    return $thing->name();
                }
            }
            if ($about === "studs:{$built->room->space->id}") {
                return Text::of('handover.studs', space: $built->room->space->name);
            }
            if (isset($built->panels[$about]) || $about === $built->piece->id) {
                return isset($built->panels[$about]) ? $built->panels[$about]->name : Text::of('handover.piece', piece: $built->piece->name);
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> each decision with how it was seen last */
    private function choices(): array
    {
        $verdicts = [];
        foreach ($this->log->all(LaterVerdict::class) as $verdict) {
            $verdicts[$verdict->of] = ['good' => $verdict->good, 'text' => $verdict->text, 'at' => $verdict->at];
        }

        return array_map(fn (ChoiceMade $c): array => ['id' => $c->id, 'about' => $c->about, 'text' => $c->text,
            'reason' => $c->reason, 'at' => $c->at, 'verdict' => $verdicts[$c->id] ?? null], $this->log->all(ChoiceMade::class));
    }

    /** @return list<array<string, mixed>> what is kept in each bay of a piece */
    private function stored(PlacedPiece $built): array
    {
        $bays = [];
        foreach ($built->design->cells as $id => $cell) {
            $things = array_filter($this->project->stored, fn (StoredThing $t): bool => $t->bay === (string) $id);
            array_push($bays, ...($things === [] ? []
                : [['bay' => (string) $id, 'label' => $cell->label, 'piece' => $built->piece->name,
                    'things' => array_values(array_map(fn (StoredThing $t): array => ['name' => $t->name, 'count' => $t->count], $things))]]));
        }

        return $bays;
    }

    /** @return list<array<string, mixed>> what is due first goes first */
    private function care(): array
    {
        $last = [];
        foreach ($this->log->all(CareDone::class) as $fact) {
            $last[$fact->care] = $fact->at === null ? null : substr($fact->at, 0, 10);
        }
        $handed = substr((string) $this->handed()?->at, 0, 10) ?: null;
        $care = [];
        $asked = array_map(fn (PlacedPiece $p): array => CareOf::piece($p, $this->assembly->wallScrews($p->piece->id) !== []), $this->pieces);
        foreach (array_merge(...$asked, ...[[]]) as $each) {
            $care[$each->key] = ['key' => $each->key, 'text' => $each->text, 'months' => $each->months,
                'last' => $last[$each->key] ?? null, 'due' => $each->due($last[$each->key] ?? $handed)];
        }
        uasort($care, fn (array $a, array $b): int => [$a['due'] ?? '9', $a['months']] <=> [$b['due'] ?? '9', $b['months']]);

        return array_values($care);
    }
}
