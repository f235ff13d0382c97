{{-- The finished readings; below them each thing as it came, as it was ordered, as it is. --}}
@include('parts.tables')
@if($lines !== [])
<table class="changes">
    <caption>{{ __('verify.before_and_after') }}</caption>
    <thead>
        <tr>
            @foreach(['part', 'came', 'asked', 'is', 'taken', 'stands'] as $head)<th scope="col">{{ __("verify.{$head}") }}</th>@endforeach
        </tr>
    </thead>
    <tbody>
    @foreach($lines as $line)
        <tr class="{{ $line->mark->value }}">
            <th scope="row">{{ $line->name }}</th>
            <td class="num">{{ $line->before }}</td>
            <td class="num">{{ $line->ordered }}</td>
            <td class="num"><b>{{ $line->now }}</b></td>
            <td class="num soft">{{ $line->change }}</td>
            <td class="stands"><i aria-hidden="true">{{ $line->mark->sign() }}</i> {{ $line->state }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
@endif
