<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

use Brick\Math\BigRational;

/**
 * Reads what people say for a length: `34 5/8`, `34-5/8`, `2' 10 5/8"`, `880`, `88cm`, sums and products with brackets.
 * Works in exact fractions; only the result is brought to the grid, and says so when it had to be rounded.
 */
final class LengthReader
{
    private int $position = 0;

    /** @var list<string> */
    private array $notes = [];

    /** @param  list<array{sign?: string, whole?: string, fraction?: string, unit?: string, at: string}>  $tokens */
    private function __construct(private readonly array $tokens, private readonly Unit $unit)
    {
    }

    /** @throws LengthNotReadable */
    public static function read(string $text, Unit $unit): ReadLength
    {
        $reader = new self(Tokens::split($text, $unit), $unit);
        $mm = $reader->asLength($reader->sum());
        if ($reader->peek() !== null) {
            $reader->refuseLeftover();
        }

        return $reader->onGrid($mm);
    }

    private function onGrid(BigRational $mm): ReadLength
    {
        $units = $mm->multipliedBy(Length::PER_MM)->simplified();
        if ($units->abs()->isGreaterThan(Length::LONGEST_ENTERED_MM * Length::PER_MM)) {
            throw LengthNotReadable::tooLong();
        }
        $exact = $units->getDenominator()->isEqualTo(1);
        $rounded = $units->toScale(0, \Brick\Math\RoundingMode::HALF_UP)->toInt();

        return new ReadLength(Length::ofUnits($rounded), $exact, array_values(array_unique($this->notes)));
    }

    /** A sum of two or more terms is a length; a lone term stays what it is, so that brackets can hold a factor. */
    private function sum(): Quantity
    {
        $total = $this->product();
        while (in_array($sign = $this->peek(), ['+', '-'], true)) {
            $this->position++;
            $term = $this->asLength($this->product());
            $left = $this->asLength($total);
            $total = new Quantity($sign === '+' ? $left->plus($term) : $left->minus($term), true);
        }

        return $total;
    }

    private function product(): Quantity
    {
        $result = $this->factor();
        while (in_array($sign = $this->peek(), ['*', '/'], true)) {
            $this->position++;
            $next = $this->factor();
            $result = $sign === '*' ? $this->multiplied($result, $next) : $this->divided($result, $next);
        }

        return $result;
    }

    private function multiplied(Quantity $a, Quantity $b): Quantity
    {
        if ($a->isLength && $b->isLength) {
            throw LengthNotReadable::twoLengths();
        }
        $isLength = $a->isLength || $b->isLength;

        return new Quantity($a->value->multipliedBy($b->value), $isLength, ! $isLength && ($a->fraction || $b->fraction));
    }

    private function divided(Quantity $a, Quantity $b): Quantity
    {
        if ($b->isLength || $b->value->isZero()) {
            throw LengthNotReadable::divisor();
        }

        return new Quantity($a->value->dividedBy($b->value), $a->isLength, $a->fraction);
    }

    private function factor(): Quantity
    {
        $token = $this->tokens[$this->position] ?? throw LengthNotReadable::unfinished();
        $this->position++;
        $sign = $token['sign'] ?? null;

        return match ($sign) {
            null => $this->number($token),
            '-' => $this->negated($this->factor()),
            '(' => $this->bracket(),
            default => throw LengthNotReadable::unknownSign($token['at']),
        };
    }

    private function negated(Quantity $q): Quantity
    {
        return new Quantity($q->value->negated(), $q->isLength, $q->fraction);
    }

    private function bracket(): Quantity
    {
        $inside = $this->sum();
        if ($this->peek() !== ')') {
            throw LengthNotReadable::unfinished();
        }
        $this->position++;

        return $inside;
    }

    /** @param  array{sign?: string, whole?: string, fraction?: string, unit?: string, at: string}  $token */
    private function number(array $token): Quantity
    {
        $value = BigRational::of($token['whole'] ?? '0')->plus(BigRational::of($token['fraction'] ?? '0'));
        $unit = $token['unit'] ?? null;
        if ($unit === null) {
            return new Quantity($value, false, isset($token['fraction']));
        }
        $mm = $value->multipliedBy(self::perUnit($unit));

        return new Quantity(self::isFoot($unit) ? $mm->plus($this->inchesAfterFeet()) : $mm, true);
    }

    /** In 2' 10 5/8 the second number belongs to the first, with or without its inch mark. */
    private function inchesAfterFeet(): BigRational
    {
        $next = $this->tokens[$this->position] ?? null;
        if ($next === null || isset($next['sign']) || (isset($next['unit']) && self::perUnit($next['unit']) !== '25.4')) {
            return BigRational::of(0);
        }
        $this->position++;
        $inches = BigRational::of($next['whole'] ?? '0')->plus(BigRational::of($next['fraction'] ?? '0'));

        return $inches->multipliedBy('25.4');
    }

    private static function perUnit(string $unit): string
    {
        return match ($unit) {
            'mm' => '1',
            'cm' => '10',
            'm' => '1000',
            'ft', 'feet', 'foot', "'" => '304.8',
            default => '25.4',
        };
    }

    private static function isFoot(string $unit): bool
    {
        return self::perUnit($unit) === '304.8';
    }

    private function asLength(Quantity $q): BigRational
    {
        if ($q->isLength) {
            return $q->value;
        }
        if ($this->unit === Unit::Millimetre && $q->fraction) {
            $this->notes[] = 'fraction_as_inches';
        }
        $inches = $this->unit === Unit::Inch || $q->fraction;

        return $q->value->multipliedBy($inches ? '25.4' : '1');
    }

    private function peek(): ?string
    {
        $token = $this->tokens[$this->position] ?? null;

        return $token === null ? null : ($token['sign'] ?? 'number');
    }

    private function refuseLeftover(): never
    {
        $token = $this->tokens[$this->position];
        if (isset($token['sign'])) {
            throw LengthNotReadable::unknownSign($token['at']);
        }
        throw LengthNotReadable::badGroups(($this->tokens[$this->position - 1]['at'] ?? '').' '.$token['at']);
    }
}
