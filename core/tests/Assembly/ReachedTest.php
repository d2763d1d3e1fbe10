<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Fastening\Drill;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Reached;
use Incastro\Core\Design\Role;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What holds another body: a screw from it or into it, a face under it, what is let into it; not a pin, nor what only passes beside it. */
final class ReachedTest extends TestCase
{
    /** @return iterable<string, array{FastenerKind, bool}> */
    public static function kinds(): iterable
    {
        foreach ([FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::BackScrew, FastenerKind::Dowel] as $kind) {
            yield $kind->value => [$kind, true];
        }
        foreach ([FastenerKind::Pin, FastenerKind::SparePin, FastenerKind::Hinge] as $kind) {
            yield $kind->value => [$kind, false];
        }
    }

    /** A nail keeps a strip on a box, and no box on a strip. */
    public function test_a_nail_holds_what_it_comes_from(): void
    {
        self::assertTrue(self::reaches([], FastenerKind::Nail, ['other', 'side']));
        self::assertFalse(self::reaches([], FastenerKind::Nail, ['side', 'other']));
    }

    #[DataProvider('kinds')]
    public function test_a_fastener_holds_what_it_goes_into_and_what_it_comes_from(FastenerKind $kind, bool $holds): void
    {
        $both = [['side', 'other'], ['other', 'side']];
        foreach ($both as $bodies) {
            self::assertSame($holds, self::reaches([], $kind, $bodies), implode(' into ', $bodies));
        }
    }

    public function test_a_face_under_it_holds_and_one_beside_it_does_not(): void
    {
        $box = [0.0, 300.0, 0.0, 18.0, 700.0, 700.0];
        self::assertTrue(self::reaches([new Contact('side', 'other', [0.0, 0.0, 1.0], 5_400.0, $box)]));
        self::assertTrue(self::reaches([new Contact('other', 'side', [0.0, 0.0, -1.0], 5_400.0, $box)]));
        self::assertFalse(self::reaches([new Contact('side', 'other', [0.0, 0.0, -1.0], 5_400.0, $box)]), 'the other is under it');
        self::assertFalse(self::reaches([new Contact('side', 'other', [1.0, 0.0, 0.0], 5_400.0, $box)]));
        self::assertTrue(self::reaches([new Contact('other', 'side', [1.0, 0.0, 0.0], 5_400.0, $box, true)]), 'let in');
        // Within 45° of level a face carries.
        self::assertTrue(self::reaches([new Contact('side', 'other', [0.6, 0.0, 0.8], 5_400.0, $box)]));
        self::assertFalse(self::reaches([new Contact('side', 'other', [0.8, 0.0, 0.6], 5_400.0, $box)]));
    }

    /** Boxes over drawers and caddies on castors, and on lids: what rolls or opens holds nothing that stays, and that is told. */
    #[TestWith([7_001])]
    #[TestWith([7_171])]
    #[TestWith([7_255])]
    public function test_what_is_over_something_that_rolls_is_held_by_nothing(int $seed): void
    {
        $document = (new AnyPiece(7_919 * $seed))->document();
        $document['spaces'][Sample::SPACE]['build'] = ['floor' => 'fixed', 'wall' => 'masonry'];
        $planning = new Planning($document);
        $loose = array_map(fn (Body $b): string => $b->id, $planning->assembly()->loose());
        self::assertNotSame([], array_filter($loose, fn (string $id): bool => str_ends_with($id, ':side_left')));
        self::assertContains('strength.held_by_nothing', array_map(fn (Finding $f): string => $f->code, $planning->findings()));
        foreach ($planning->assembly()->footing->pairs as [$lower, $upper]) {
            self::assertFalse($lower->kind === BodyKind::Mover && $upper->kind === BodyKind::Fixed, "$upper->id on $lower->id");
        }
    }

    public function test_a_box_on_lids_does_not_stand(): void
    {
        $footing = (new Planning((new AnyPiece(7_919 * 7_137))->document()))->assembly()->footing;
        self::assertNotSame([], $footing->pairs);
        foreach ($footing->pairs as [$lower, $upper]) {
            self::assertFalse($lower->kind === BodyKind::Mover && $upper->kind === BodyKind::Fixed, "$upper->id on $lower->id");
        }
    }

    /**
     * Whether a body beside a side that stands on the floor is held.
     *
     * @param  list<Contact>  $contacts  of `side` and `other`
     * @param  array{string, string}|null  $bodies
     */
    private static function reaches(array $contacts, FastenerKind $kind = FastenerKind::Screw, ?array $bodies = null): bool
    {
        $pieces = (new Planning(Demo::document('chart-room-left-niche')))->pieces();
        $built = array_values($pieces)[0];
        $base = $built->boards(Role::PlinthRail)[0]->id;
        $named = fn (string $id): string => $id === 'side' ? $base : $id;
        $as = fn (Contact $c): Contact => new Contact($named($c->first), $named($c->second), $c->normal, $c->area, $c->box, $c->isLetIn);
        $contacts = array_map($as, $contacts);
        $drill = new Drill($built->panels[$base]->block->corner, Axis::X, true);
        $fasteners = $bodies === null ? []
            : [Fastener::driven($kind, array_map($named, $bodies), Length::fromMillimetres(40), $drill)];

        return (new Reached($pieces, [], $contacts, [$built->piece->id => new Fastened($fasteners, [])]))->is('other');
    }
}
