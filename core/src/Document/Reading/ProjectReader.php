<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Facts\FactReader;
use Incastro\Core\Document\Facts\Log;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\Acceptance;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Country;
use Incastro\Core\Document\Model\House;
use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Document\Model\LooseBoard;
use Incastro\Core\Document\Model\MakeWay;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Rework;
use Incastro\Core\Document\Model\Shop;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Document\Model\WayKind;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Document\Model\WorkCalendar;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Findings\Decision;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * Turns a decoded project document into a Project, or collects everything that is wrong with it.
 * The shape is described in schema/document.schema.json and docs/formats.md.
 */
final class ProjectReader
{
    public const FORMAT = 'incastro-project';

    public const VERSION = 3;

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws DocumentRejected holding every problem found
     */
    public static function read(array $document): Project
    {
        self::checkFormat($document);
        $document = Upgrade::toCurrent($document);
        /** @var \ArrayObject<int, Problem> $problems */
        $problems = new \ArrayObject;
        $root = new Node($document, '', $problems);
        $facts = FactReader::standing($root);
        $project = new Project(
            $root->at('id')->text(26),
            $root->at('name')->text(),
            $root->at('unit')->oneOf(Unit::class),
            WorkCalendar::dateAt($root->at('as_of')),
            SpaceReader::spaces($root, $facts),
            (new PieceReader($root))->pieces(),
            $root->at('stock')->each(CutReader::material(...)),
            self::workshop($root->at('workshop')),
            $root->at('layouts')->each(CutReader::layout(...)),
            WorkCalendar::read($root->at('calendar')),
            $root->at('way_in')->each(self::segment(...)),
            $root->at('stored')->each(self::stored(...)),
            CutReader::wishes($root->at('cutting')),
            $root->at('lumber')->each(CutReader::stick(...)),
            $root->at('accepted')->each(
                fn (Node $n): Acceptance => new Acceptance($n->at('code')->text(60), $n->at('ref')->text(160), $n->at('reason')->text(400))),
            self::house($root->at('house')),
            self::limits($root->at('limits')),
            $root->at('decisions')->each(self::decision(...)),
            Shop::read($root->at('shop')),
            MakeWay::read($root->at('make')),
            new Log($facts),
            $root->at('rework')->each(Rework::read(...)),
            $root->at('loose')->each(LooseBoard::read(...)),
        );
        self::checkReferences($project, $root);
        $found = array_values($problems->getArrayCopy());
        if ($found !== []) {
            throw new DocumentRejected($found);
        }

        return $project;
    }

    /** @param  array<array-key, mixed>  $document */
    private static function checkFormat(array $document): void
    {
        if (($document['format'] ?? null) !== self::FORMAT) {
            throw DocumentRejected::because(new Problem('/format', Text::of('document.not_a_project')));
        }
        $version = $document['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw DocumentRejected::because(new Problem('/version', Text::of('document.no_version')));
        }
        if ($version > self::VERSION) {
            throw DocumentRejected::because(new Problem('/version',
                Text::of('document.newer_version', found: $version, known: self::VERSION)));
        }
    }

    private static function workshop(Node $node): Workshop
    {
        $small = fn (string $key, int $most): Length => $node->at($key)->length(Length::zero(), Length::fromMillimetres($most));
        $usually = fn (string $key, float $usual): Length => $node->at($key)
            ->optionalLength(Length::zero(), Length::fromMillimetres(20)) ?? Length::fromMillimetres($usual);

        $run = [Length::fromMillimetres(500), Length::fromMillimetres(20_000)];

        return new Workshop(
            $small('kerf', 10), $small('trim', 100), $small('banding', 5),
            $small('slide_in', 50), $small('part_tolerance', 10),
            $small('tape_base', 10), $small('tape_per_metre', 10), $small('tape_bend', 10),
            $small('level_per_metre', 10),
            $usually('meter_limit', 2.0), $usually('laser_per_metre', 0.3),
            $node->at('gauge_degrees')->isMissing() ? 0.2 : $node->at('gauge_degrees')->number(0.0, 10.0),
            $node->at('router_base')->optionalLength(Length::fromMillimetres(30), Length::fromMillimetres(400)) ?? Length::fromMillimetres(150),
            $node->at('router_bit')->optionalLength(Length::fromMillimetres(1), Length::fromMillimetres(60)) ?? Length::fromMillimetres(12),
            CutReader::saws($node->at('saws')),
            $usually('end_trim', 10),
            $node->at('car_length')->optionalLength(Length::fromMillimetres(300), Length::fromMillimetres(10_000)),
            $node->at('car_width')->optionalLength(Length::fromMillimetres(300), Length::fromMillimetres(3_000)),
            $node->at('car_kg')->isMissing() ? null : $node->at('car_kg')->number(10.0, 5_000.0),
            $node->at('hook_over')->optionalLength(Length::fromMillimetres(-10), Length::fromMillimetres(10)),
            $node->at('checked_on_tape')->optionalLength(...$run),
            $node->at('checked_on_meter')->optionalLength(...$run),
            ! $node->at('cuts_by_same_tape')->isMissing() && $node->at('cuts_by_same_tape')->flag(),
        );
    }

    private static function segment(Node $node, string $id): WaySegment
    {
        $mm = Length::fromMillimetres(...);
        $kind = $node->at('kind')->oneOf(WayKind::class);
        $into = $node->at('into')->optionalLength($mm(100), $mm(20_000));
        if ($kind->turns() && $into === null) {
            $node->at('into')->wrong(Text::of('document.turn_needs_into'));
        }

        return new WaySegment(
            $id,
            $kind,
            $node->at('name')->text(),
            $node->at('width')->length($mm(100), $mm(20_000)),
            $node->at('height')->length($mm(100), $mm(10_000)),
            $into,
            $node->at('gain')->optionalLength($mm(0), $mm(1_000)),
            $node->at('off')->isMissing() ? null : $node->at('off')->text(60),
        );
    }

    private static function stored(Node $node, string $id): StoredThing
    {
        $size = fn (string $key): Length => $node->at($key)->length(Length::fromMillimetres(5), Length::fromMillimetres(2_500));

        return new StoredThing($id, $node->at('name')->text(), $size('width'), $size('depth'), $size('height'),
            $node->at('kg')->isMissing() ? 0.0 : $node->at('kg')->number(0.0, 200.0),
            $node->at('count')->isMissing() ? 1 : $node->at('count')->count(1, 500),
            $node->at('often')->optionalOf(HowOften::class) ?? HowOften::Weekly,
            $node->at('bay')->isMissing() ? null : $node->at('bay')->text(26),
            ! $node->at('hazard')->isMissing() && $node->at('hazard')->flag());
    }

    private static function house(Node $node): House
    {
        return new House(
            $node->at('country')->optionalOf(Country::class),
            $node->at('built')->isMissing() ? null : $node->at('built')->count(1500, 2100),
            ! $node->at('children')->isMissing() && $node->at('children')->flag(),
            ! $node->at('rented')->isMissing() && $node->at('rented')->flag(),
        );
    }

    /** @return array<string, float> */
    private static function limits(Node $node): array
    {
        return $node->byKey(function (Node $at, string $code): float {
            $limit = Limit::tryFrom($code);
            if ($limit === null) {
                $at->wrong(Text::of('document.limit_unknown'));

                return 0.0;
            }

            return $at->number($limit->least(), $limit->most());
        });
    }

    private static function decision(Node $node): Decision
    {
        return new Decision(
            $node->at('code')->text(60),
            $node->at('ref')->text(160),
            $node->at('who')->text(120),
            $node->at('on')->text(10),
            $node->at('said')->text(500),
            $node->at('goes_on')->flag(),
        );
    }

    private static function checkReferences(Project $project, Node $root): void
    {
        foreach ($project->pieces as $id => $piece) {
            $node = $root->at('pieces')->at($id);
            if (! isset($project->spaces[$piece->space])) {
                $node->at('space')->wrong(Text::of('document.space_unknown'));
            }
            if (! isset($project->stock[$piece->material])) {
                $node->at('material')->wrong(Text::of('document.material_unknown'));
            }
            // Without one its own boards serve for backs.
            if ($piece->backMaterial !== null && ! isset($project->stock[$piece->backMaterial])) {
                $node->at('back_material')->wrong(Text::of('document.material_unknown'));
            }
            foreach ($piece->runs as $runId => $run) {
                self::checkBands($project, $run->bands, $node->at('runs')->at($runId)->at('bands'));
            }
        }
        foreach ($project->loose as $id => $board) {
            if (! isset($project->stock[$board->material])) {
                $root->at('loose')->at($id)->at('material')->wrong(Text::of('document.material_unknown'));
            }
        }
        if (array_sum(array_map(fn (LooseBoard $b): int => $b->count, $project->loose)) > LooseBoard::MOST_IN_ALL) {
            $root->at('loose')->wrong(Text::of('document.too_many_loose', most: LooseBoard::MOST_IN_ALL));
        }
    }

    /** @param  array<string, Band>  $bands */
    private static function checkBands(Project $project, array $bands, Node $at): void
    {
        foreach ($bands as $id => $band) {
            if ($band->material !== null && ! isset($project->stock[$band->material])) {
                $at->at($id)->at('material')->wrong(Text::of('document.material_unknown'));
            }
            foreach ($band->bays as $bayId => $bay) {
                self::checkBands($project, $bay->bands, $at->at($id)->at('bays')->at($bayId)->at('bands'));
            }
        }
    }
}
