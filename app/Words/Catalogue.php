<?php

declare(strict_types=1);

namespace App\Words;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthFormat;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/** Renders the core's texts in a reader's words and unit. The browser has the same rules in measure/words.ts. */
final readonly class Catalogue
{
    /** @param  array<string, string>  $sentences  in English, or in the reader's language as far as it has them */
    private function __construct(private array $sentences, private Unit $unit, private int $fraction)
    {
    }

    /** In the language of whoever asks. */
    public static function own(Unit $unit = Unit::Millimetre): self
    {
        $code = Language::current();
        $english = Language::words(Language::ENGLISH);

        return new self($code === Language::ENGLISH ? $english : Language::words($code) + $english, $unit, Reader::fraction());
    }

    /**
     * In the unit that a plan is reckoned in.
     *
     * @param  array<array-key, mixed>  $plan
     */
    public static function ofPlan(array $plan): self
    {
        return self::own(Unit::from(is_string($plan['unit'] ?? null) ? $plan['unit'] : 'mm'));
    }

    /** A sentence without arguments. */
    public function say(string $key): string
    {
        return $this->sentences[$key] ?? $key;
    }

    public function render(Text $text): string
    {
        return $this->renderPlain($text->plain());
    }

    /** @param  array<array-key, mixed>  $text a Text as it stands in a plan's JSON */
    public function renderPlain(array $text): string
    {
        $key = is_string($text['key'] ?? null) ? $text['key'] : '';
        $args = is_array($text['args'] ?? null) ? $text['args'] : [];
        $template = $this->sentences["$key@{$this->unit->value}"] ?? $this->sentences[$key] ?? $key;

        return (string) preg_replace_callback('/\{(\w+)(?:\|([^|}]*)\|([^}]*))?\}/', function (array $m) use ($args): string {
            $arg = is_array($args[$m[1]] ?? null) ? $args[$m[1]] : [];
            $shown = $this->argument($arg);

            return isset($m[2]) ? $shown.' '.($shown === '1' ? $m[2] : ($m[3] ?? '')) : $shown;
        }, $template);
    }

    public function length(int|float $mm, bool $exact = true): string
    {
        $length = Length::fromMillimetres($mm);
        $shown = $this->unit === Unit::Inch
            ? LengthFormat::fraction($length, $this->fraction)
            : LengthFormat::millimetres($length, 1);

        return ($exact ? '' : '≈ ').$shown;
    }

    /** As it stands in a sentence, with its unit. */
    public function lengthSaid(int|float $mm): string
    {
        return preg_replace('/\.0$/', '', $this->length($mm))."\u{00A0}{$this->unit->value}";
    }

    /** @param  array<array-key, mixed>  $amount  an Amount as it stands in a plan's JSON */
    public function amount(array $amount): string
    {
        $value = is_numeric($amount['value'] ?? null) ? (float) $amount['value'] : 0.0;

        return Amounts::show($value, is_string($amount['unit'] ?? null) ? $amount['unit'] : 'each', $this->unit);
    }

    public function unitName(): string
    {
        return $this->unit->value;
    }

    /** @param  array<array-key, mixed>  $arg */
    private function argument(array $arg): string
    {
        $number = fn (string $key): float => is_numeric($arg[$key] ?? null) ? (float) $arg[$key] : 0.0;

        return match ($arg['type'] ?? null) {
            'length' => $this->lengthSaid($number('mm')),
            'angle' => number_format($number('degrees'), 1).'°',
            'count' => (string) (int) $number('count'),
            'name' => is_string($arg['name'] ?? null) ? $arg['name'] : '',
            'text' => is_array($arg['text'] ?? null) ? $this->renderPlain($arg['text']) : '',
            'amount' => $this->amount($arg),
            'money' => Amounts::money((int) $number('cents'), is_string($arg['currency'] ?? null) ? $arg['currency'] : ''),
            default => '',
        };
    }
}
