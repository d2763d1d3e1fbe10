<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Facts\ReadingFact;
use Incastro\Core\Document\Facts\ReadingNote;
use Incastro\Core\Document\Facts\ReadingPhoto;
use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Facts\Unreached;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads one reading: where it is taken, and whether its takes can belong to it. */
final class ReadingReader
{
    /** @param  list<ReadingFact>  $facts */
    public static function reading(Node $node, string $id, array $facts): Reading
    {
        $kind = $node->at('kind')->oneOf(ReadingKind::class);
        foreach ($kind->needs() as $field) {
            if ($node->at($field)->isMissing()) {
                $node->at($field)->wrong(Text::of('document.reading_needs', field: $field));
            }
        }
        $face = $node->at('face')->optionalOf(Face::class);
        if ($face !== null && $kind->faces() !== [] && ! in_array($face, $kind->faces(), true)) {
            $node->at('face')->wrong(Text::of('document.reading_not_there', places: implode(', ', array_column($kind->faces(), 'value'))));
        }
        $reading = self::placed($node, $id, $kind, $facts);
        self::checkTakes($node, $reading);

        return $reading;
    }

    /** @param  list<ReadingFact>  $facts */
    private static function placed(Node $node, string $id, ReadingKind $kind, array $facts): Reading
    {
        $length = fn (string $key): ?Length => $node->at($key)->optionalLength(Length::zero(), Length::fromMillimetres(20_000));
        $placedOtherwise = ! $node->at('x')->isMissing() || ! $node->at('face')->isMissing();
        $opening = $kind === ReadingKind::Diagonal && ($node->at('face')->isMissing() || $node->at('face')->optionalOf(Face::class) === Face::Opening);

        return new Reading(
            $id,
            $kind,
            $kind->isSided() && ! $placedOtherwise ? $node->at('side')->oneOf(Side::class) : $node->at('side')->optionalOf(Side::class),
            $node->at('plane')->optionalOf(Plane::class) ?? Plane::Front,
            $opening ? $node->at('rise')->oneOf(Rise::class) : null,
            $length('z') ?? Length::zero(),
            $length('from_z') ?? Length::zero(),
            array_values(array_filter($facts, fn (ReadingFact $f): bool => $f instanceof Take)),
            $node->at('face')->optionalOf(Face::class),
            $node->at('along')->optionalOf(Along::class),
            $length('x'),
            $length('y'),
            $length('run'),
            $length('along_back'),
            $length('along_side'),
            $node->at('edge')->isMissing() ? null : $node->at('edge')->text(26),
            $node->at('step')->isMissing() ? null : $node->at('step')->count(1, 30),
            ! $node->at('levelled')->isMissing() && $node->at('levelled')->flag(),
            array_values(array_filter($facts, fn (ReadingFact $f): bool => $f instanceof ReadingNote)),
            array_values(array_filter($facts, fn (ReadingFact $f): bool => $f instanceof ReadingPhoto)),
            array_values(array_filter($facts, fn (ReadingFact $f): bool => $f instanceof Unreached))[0]->id ?? null,
        );
    }

    /** A width, height, depth or diagonal of zero or less belongs to no room; plumb and level carry a sign. */
    private static function checkTakes(Node $node, Reading $reading): void
    {
        $kind = $reading->kind;
        $most = Length::fromMillimetres($kind->isSigned() || $kind === ReadingKind::Gap ? 300 : 20_000);
        foreach ($reading->takes as $take) {
            if ($kind->isAngle() !== ($take->value === null)) {
                $node->wrong(Text::of($kind->isAngle() ? 'document.degrees_expected' : 'document.length_expected'));
            } elseif ($take->value !== null) {
                self::checkValue($node, $kind, $take->value, $most);
            }
        }
        if ($kind === ReadingKind::Plumb && $reading->z->equals($reading->fromZ)) {
            $node->wrong(Text::of('document.plumb_needs_height'));
        }
    }

    private static function checkValue(Node $node, ReadingKind $kind, Length $value, Length $most): void
    {
        if ($kind->mayBeZero() ? ! $kind->isSigned() && $value->isNegative() : ! $value->isPositive()) {
            $node->wrong(Text::of($kind->mayBeZero() ? 'document.reading_negative' : 'document.reading_not_positive', found: $value));
        } elseif ($value->absolute()->isGreaterThan($most)) {
            $node->wrong(Text::of($kind->isSigned() ? 'document.lean_too_large' : 'document.reading_too_large', found: $value, most: $most));
        }
    }
}
