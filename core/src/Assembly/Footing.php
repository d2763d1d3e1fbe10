<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Measure\Length;

/**
 * What stands on what, of all that goes to its place as a whole: where the foot of one lies on another. What only reaches up to a board of
 * a box that stands already carries nothing.
 */
final readonly class Footing
{
    /** From the lowest board of a unit up: a foot is cut to a floor. */
    private const FOOT_MM = 2;

    /** A narrower contact is an edge beside an edge: mm. */
    private const LEAST_MM = 2.0;

    /** @var array<string, Unit> by part */
    public array $units;

    /** @var list<array{Body, Body}> what is under, and what stands on it */
    public array $pairs;

    /**
     * @param  array<string, PlacedPiece>  $pieces
     * @param  array<string, Body>  $bodies
     * @param  list<Contact>  $contacts
     */
    public function __construct(array $pieces, array $bodies, array $contacts)
    {
        $units = $pairs = [];
        foreach ($pieces as $piece) {
            foreach ($piece->units as $unit) {
                $units += array_fill_keys($unit->ids(), $unit);
            }
        }
        foreach ($contacts as $contact) {
            [$lower, $upper] = $contact->carriesSecond() ? [$contact->first, $contact->second] : [$contact->second, $contact->first];
            // What opens or rolls carries nothing that stays.
            $isCarried = ($contact->carriesFirst() || $contact->carriesSecond())
                && ($bodies[$lower]->kind !== BodyKind::Mover || $bodies[$upper]->kind === BodyKind::Mover);
            if ($isCarried && self::isFoot($contact, $units[$lower] ?? null, $units[$upper] ?? null)) {
                $pairs[] = [$bodies[$lower], $bodies[$upper]];
            }
        }
        $this->units = $units;
        $this->pairs = $pairs;
    }

    private static function isFoot(Contact $contact, ?Unit $lower, ?Unit $upper): bool
    {
        return $lower !== null && $upper !== null && $lower !== $upper
            && min($contact->box[1] - $contact->box[0], $contact->box[3] - $contact->box[2]) >= self::LEAST_MM
            && $contact->box[4] <= $upper->bottom()->units / Length::PER_MM + self::FOOT_MM;
    }
}
