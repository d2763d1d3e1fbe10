<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Design\Contact;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Designer;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Envelope\Boxer;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Over random pieces of the whole vocabulary: panels meet where their joints say, by as much, and are nowhere in the same place. */
final class SolidsTest extends TestCase
{
    use TestTrait;

    public function test_joints_hold_and_no_two_panels_are_in_one_place(): void
    {
        $joints = 0;
        $this->limitTo(220)->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed) use (&$joints): void {
            $design = self::design((new AnyPiece($seed))->document());
            $joints += $this->assertJointsHold($design, $seed);
            $this->assertApart($design, $seed);
            self::assertSameSize(array_unique(array_map(fn (Panel $p): string => $p->id, $design->panels)), $design->panels, "$seed");
        });
        self::assertGreaterThan(2_000, $joints, 'the pieces have joints to look at');
    }

    /**
     * A bay narrower than its stile, a band lower than its rail: 38 wide members have no room there.
     *
     * @param  list<array<string, mixed>>  $bays
     */
    #[DataProvider('tight')]
    public function test_a_frame_with_no_room_for_a_member_leaves_it_out(array $bays, ?int $band): void
    {
        $document = CompositionTest::bays($bays);
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['methods']['front'] = 'face_frame';
        if ($band !== null) {
            $bands = &$piece['runs'][Sample::RUN]['bands'];
            $bands[Sample::BOX]['height'] = $band;
            $bands[Sample::id('BOX', 2)] = ['order' => 'd', 'kind' => 'box', 'joined' => true, 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]];
        }
        $design = self::design($document);
        $this->assertApart($design, 0);
        self::assertContains('piece.mouth_small', array_column($design->findings, 'code'));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, int|null}> */
    public static function tight(): iterable
    {
        yield 'bay' => [[['width' => ['by' => 'fixed', 'value' => 24]], [], []], null];
        yield 'band' => [[[]], 58];
    }

    private function assertJointsHold(Design $design, int $seed): int
    {
        $panels = array_column(array_map(fn (Panel $p): array => [$p->id, $p], $design->panels), 1, 0);
        $held = 0;
        foreach ($design->joints as $joint) {
            [$a, $b] = [$panels[$joint->first] ?? null, $panels[$joint->second] ?? null];
            if ($a === null || $b === null || $joint->kind === JointKind::Raking) {
                continue;
            }
            $held++;
            self::assertTrue(Contact::holds($joint, $a, $b), "seed $seed: $joint->first and $joint->second are ".Contact::gap($joint->axis, $a, $b)
                ->millimetres().' apart along '.$joint->axis->value.', declared '.$joint->play->minus($joint->depth)->millimetres());
        }

        return $held;
    }

    private function assertApart(Design $design, int $seed): void
    {
        $panels = $design->panels;
        foreach ($panels as $i => $a) {
            foreach (array_slice($panels, $i + 1) as $b) {
                $both = Overlap::of($a, $b);
                if ($both === null) {
                    continue;
                }
                $taken = array_filter([...$a->taken, ...$b->taken], fn ($t): bool => Overlap::isInside($both, $t->block));
                self::assertNotSame([], $taken, "seed $seed: {$a->id} ({$a->name->key}) and {$b->id} ({$b->name->key}) are both in ".json_encode($both));
            }
        }
    }

    /** @param  array<string, mixed>  $document */
    public static function design(array $document): Design
    {
        $project = ProjectReader::read($document);
        $piece = $project->pieces[Sample::PIECE];
        $room = (new Surveyor($project->workshop, $project->unit))
            ->survey($project->spaces[$piece->space], new Need(Length::zero(), $piece->height, $piece->depth));

        return (new Designer($project->stock, $project->stored))->design($piece, (new Boxer)->box($piece, $room));
    }
}
