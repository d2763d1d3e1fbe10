<?php

declare(strict_types=1);

// Prints an address as a QR code in half blocks, two rows a line.

require __DIR__.'/../../vendor/autoload.php';
require_once __DIR__.'/../../vendor/tecnickcom/tcpdf/tcpdf_barcodes_2d.php';

$code = (new TCPDF2DBarcode($argv[1] ?? '', 'QRCODE,M'))->getBarcodeArray();
$rows = array_merge([[], []], $code['bcode'], [[], []]);
$dark = static fn (int $r, int $c): bool => ($rows[$r][$c] ?? 0) == 1;
for ($r = 0; $r < count($rows); $r += 2) {
    $line = '  ';
    for ($c = -2; $c < $code['num_cols'] + 2; $c++) {
        $line .= [[' ', '▄'], ['▀', '█']][$dark($r, $c) ? 0 : 1][$dark($r + 1, $c) ? 0 : 1];
    }
    echo "$line\n";
}
