<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SecondFactor;
use App\Actions\Totp;
use App\Http\Doors;
use App\Models\User;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A second factor turned on, proved by a first code, and off. */
final class SecondFactorController
{
    public function __construct(private readonly SecondFactor $second)
    {
    }

    /** A new secret, to be read by a device. Nothing is asked for until a code of it has come back. */
    public function begin(Request $request): JsonResponse
    {
        $user = $this->byPassword($request);
        $secret = Totp::secret();
        $request->session()->put('second secret', $secret);

        return new JsonResponse(['secret' => $secret, 'rows' => self::picture(Totp::address($secret, $user->email))]);
    }

    public function confirm(Request $request, Doors $doors): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $doors->knock($request, $user->email);
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        $secret = $request->session()->get('second secret');
        $step = is_string($secret) ? Totp::step($secret, preg_replace('/\s/', '', $request->string('code')->value()) ?? '', now()->getTimestamp(), 0) : null;
        if ($step === null) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.wrong_code')], 422);
        }
        $request->session()->forget('second secret');

        return new JsonResponse(['codes' => $this->second->turnOn($user, $secret, $step)]);
    }

    public function off(Request $request): Response
    {
        $this->second->turnOff($this->byPassword($request));

        return response()->noContent();
    }

    private function byPassword(Request $request): User
    {
        $request->validate(['password' => ['bail', 'required', 'string', 'current_password']], ['password.*' => Language::say('The password is not this one; nothing was changed.')]);
        /** @var User $user */
        $user = $request->user();

        return $user;
    }

    /** @return list<string> of 0 and 1, a row each */
    private static function picture(string $address): array
    {
        // The library is older than autoloading.
        require_once base_path('vendor/tecnickcom/tcpdf/tcpdf_barcodes_2d.php');
        $code = (new \TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();

        return array_values(array_map(fn (array $row): string => implode('', array_map(fn (mixed $dot): string => (int) $dot === 1 ? '1' : '0', $row)), $code['bcode'] ?? []));
    }
}
