@extends('layouts.house')
@section('title', 'Prices that would change')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Prices that would change</h1><span>from {{ $source }}</span></div>
    @if($faults !== [])
    <section class="stopped" aria-label="Nothing was changed">
        <h2>Nothing was changed</h2>
        <ul>@foreach($faults as $fault)<li class="line out">{{ $fault }}</li>@endforeach</ul>
    </section>
    @elseif($changes === [])
    <p class="note mt-4">Nothing is different from the list as it stands.</p>
    @else
    <table class="prices mt-3"><thead><tr><th scope="col">item</th><th scope="col">family</th><th scope="col">what changes</th></tr></thead>
    <tbody>
        @foreach($changes as $change)
            <tr>
                <th scope="row">{{ $change->name }}</th>
                <td>{{ $change->family === '' ? 'every family' : $change->family }}</td>
                <td class="num">@foreach($change->changes as $one){{ $one }}<br>@endforeach</td>
            </tr>
        @endforeach
    </tbody>
</table>
    <form method="post" action="/shop/prices/take" class="mt-4" data-plain-form>
        @csrf
        <textarea name="text" hidden>{{ $text }}</textarea><button class="button">Take these over</button>
    </form>
    @endif
    <x-field-error name="text" />
    @if($faults !== [] && $text !== '')
    <form method="post" action="/shop/prices/preview" class="mt-4" data-plain-form>
        @csrf
        <div class="field">
            <label for="text">The list, to mend</label>
            <textarea id="text" name="text" rows="10" class="num">{{ $text }}</textarea>
        </div>
        <button class="button">Look again</button>
    </form>
    @endif
    <p class="mt-4"><a class="button plain" href="/shop/prices">Back to the price list</a></p>
</main></div>
@endsection
