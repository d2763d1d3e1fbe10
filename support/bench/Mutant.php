<?php

declare(strict_types=1);

/** Documents, changes, lists, drawings and lengths that are nearly right, or not at all. Seeded by mt_srand. */
final class Mutant
{
    /** @var list<string> */
    private array $documents;

    /** @var list<array<array-key, mixed>> */
    private array $decoded;

    public function __construct()
    {
        $this->documents = array_map(fn (string $f): string => (string) file_get_contents($f), glob(__DIR__.'/../../database/demo/*.json') ?: []);
        $this->decoded = array_map(fn (string $d): array => (array) json_decode($d, true), $this->documents);
    }

    public function document(): string
    {
        return $this->documents[0];
    }

    public function mutatedDocument(): string
    {
        $way = mt_rand(0, 9);
        if ($way === 0) {
            return $this->scrambled($this->one($this->documents));
        }
        if ($way === 1) {
            return str_repeat('[', mt_rand(1, 3000)).str_repeat('{"a":', mt_rand(0, 3000));
        }
        $document = $this->one($this->decoded);
        for ($i = 0, $n = mt_rand(1, 4); $i < $n; $i++) {
            $document = $this->wounded($document);
        }

        return (string) json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    /** @return array<string, mixed>|string */
    public function change(): array|string
    {
        $path = $this->somewhere($this->decoded[0]);
        $path = mt_rand(0, 9) ? $path : [...$path, ...array_fill(0, $this->one([1, 20, 80, 3000]), $this->one(['a', $path[0] ?? 'a', $this->text()]))];
        $op = ['op' => $this->one(['set', 'add', 'remove', 'append', 'strike', 'restore', 'fly']), 'path' => mt_rand(0, 9) ? $path : $this->value(), 'value' => $this->value()];
        $change = ['change_id' => mt_rand(0, 9) ? strtoupper(Symfony\Component\Uid\Ulid::generate()) : $this->value(), 'base_revision' => mt_rand(0, 9) ? mt_rand(0, 9) : $this->value(), 'ops' => mt_rand(0, 9) ? [$op] : $this->value()];

        return mt_rand(0, 9) ? $change : $this->scrambled((string) json_encode($change, JSON_INVALID_UTF8_SUBSTITUTE));
    }

    public function csv(): string
    {
        $separator = $this->one([',', ';', "\t"]);
        $heading = implode($separator, array_map(fn (): string => $this->one(['name', 'length', 'width', 'qty', 'material', 'no', 'read', 'mm', '#', '', $this->text()]), range(1, mt_rand(1, 8))));
        $rows = array_map(fn (): string => implode($separator, array_map(fn (): string => mt_rand(0, 2) ? (string) $this->length() : '"'.$this->text().$this->one(['"', '']), range(1, mt_rand(1, 8)))), range(1, mt_rand(1, 30)));
        $text = implode($this->one(["\n", "\r\n"]), [$heading, ...$rows]);

        return mt_rand(0, 4) ? $text : $this->scrambled($text);
    }

    public function dxf(): string
    {
        $n = fn (): string => $this->one([(string) mt_rand(-500, 5000), (string) (mt_rand() / 1000), '1e9', '-0', 'nan', '', '1e-7', $this->text()]);
        $good = fn (): string => (string) (mt_rand(-5000, 50000) / 10);
        $c = mt_rand(0, 3) ? $good : $n;
        $out = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nA\n10\n0\n20\n0\n0\nINSERT\n2\nA\n0\nLINE\n8\n0\n10\n{$c()}\n20\n{$c()}\n11\n{$c()}\n21\n{$c()}\n0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
        for ($i = 0, $m = mt_rand(1, 40); $i < $m; $i++) {
            $out .= match (mt_rand(0, 5)) {
                0 => "0\nLINE\n8\n0\n10\n{$c()}\n20\n{$c()}\n11\n{$c()}\n21\n{$c()}\n",
                1 => "0\nARC\n8\n0\n10\n{$c()}\n20\n{$c()}\n40\n{$c()}\n50\n{$c()}\n51\n{$c()}\n",
                2 => "0\nCIRCLE\n8\nX\n10\n{$c()}\n20\n{$c()}\n40\n{$c()}\n",
                3 => "0\nLWPOLYLINE\n8\n0\n70\n1\n10\n{$c()}\n20\n{$c()}\n42\n{$c()}\n10\n{$c()}\n20\n{$c()}\n42\n{$c()}\n",
                4 => "0\nINSERT\n8\n0\n2\nA\n10\n{$c()}\n20\n{$c()}\n41\n{$c()}\n42\n{$c()}\n50\n{$c()}\n",
                default => "0\nPOLYLINE\n8\n0\n70\n1\n0\nVERTEX\n10\n{$c()}\n20\n{$c()}\n42\n{$c()}\n0\nVERTEX\n10\n{$c()}\n20\n{$c()}\n0\nSEQEND\n",
            };
        }
        $out .= "0\nENDSEC\n0\nEOF\n";

        return mt_rand(0, 3) ? $out : $this->scrambled($out);
    }

    public function length(): string
    {
        $token = fn (): string => $this->one([(string) mt_rand(0, 99999), mt_rand(0, 99).' '.mt_rand(0, 40).'/'.$this->one([2, 4, 8, 16, 32, 64, 7, 0]), '⅝', '1/0', 'mm', 'cm', 'in', '"', "'", 'ft', '+', '-', '×', '÷', '(', ')', ',', '.', '1e5', '−', ' ', $this->text()]);

        return implode($this->one(['', ' ']), array_map(fn (): string => $token(), range(1, mt_rand(1, $this->one([3, 8, 300])))));
    }

    /**
     * A document with one value somewhere in it gone, other, or of another kind.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private function wounded(array $document): array
    {
        $path = $this->somewhere($document);
        $at = &$document;
        foreach ($path as $key) {
            if (! is_array($at)) {
                return $document;
            }
            $at = &$at[$key];
        }
        // Mostly what could be meant: those are the documents that are planned.
        $at = match (true) {
            is_numeric($at) && mt_rand(0, 9) > 0 => $at * $this->one([0, -1, 0.001, 0.3, 0.9, 1.1, 1.7, 3, 12]),
            is_bool($at) => ! $at,
            is_string($at) && mt_rand(0, 3) > 0 => $at,
            default => $this->value(),
        };

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<string>
     */
    private function somewhere(array $document): array
    {
        $path = [];
        for ($at = $document; is_array($at) && $at !== [] && (count($path) < 2 || mt_rand(0, 19)); $at = $at[$key]) {
            $key = array_rand($at);
            $path[] = (string) $key;
        }

        return $path;
    }

    public function value(): mixed
    {
        return $this->one([null, true, false, 0, -1, 1, 600, 18.5, 1e300, -1e300, 9007199254740993, '', 'x', $this->text(), [], ['a' => 1], [1, 2, 3], ['kind' => 'shelves'], ['kind' => 'drawers', 'count' => mt_rand(0, 99)], str_repeat('long', 500), '01J8R100000000000000000001']);
    }

    private function text(): string
    {
        return $this->one(['=1+1', "\0", "a\0b", "a\nb", '"', "it's", '<b>', '../../etc', "\xff\xfe", '🪚', 'ﷺ', str_repeat('w', 300), "\u{202E}rtl", '%s%n', '{{7*7}}', 'null', '\\', 'NaN']);
    }

    private function scrambled(string $text): string
    {
        for ($i = 0, $n = mt_rand(1, 12); $i < $n && $text !== ''; $i++) {
            $at = mt_rand(0, strlen($text) - 1);
            $text = match (mt_rand(0, 3)) {
                0 => substr($text, 0, $at),
                1 => substr_replace($text, chr(mt_rand(0, 255)), $at, 1),
                2 => substr_replace($text, substr($text, mt_rand(0, strlen($text) - 1), mt_rand(1, 400)), $at, 0),
                default => substr_replace($text, '', $at, mt_rand(1, 60)),
            };
        }

        return $text;
    }

    private function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}
