<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** After a write from a plain page: the page that comes next, with a note; a script that sent it goes there by itself. */
final class NextPage
{
    public static function of(Request $request, string $to, string $note): JsonResponse|RedirectResponse
    {
        if ($request->expectsJson()) {
            session()->flash('note', $note);

            return new JsonResponse(['to' => $to]);
        }

        return redirect()->to($to)->with('note', $note);
    }
}
