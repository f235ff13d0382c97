<section class="bench-now" aria-label="As it was logged">
    <b class="big {{ $card->isOut ? 'bad' : '' }}">{{ $card->isOut ? '▲ ' : '' }}{{ $card->says }}</b>
</section>
@if($mayWrite)
<form method="post" action="{{ $at }}/values" id="values" class="bench-form" data-keep data-words="Values">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    @foreach($card->fields as $field)
        <label>{{ ucfirst($field['label']) }}<input
                id="values-{{ $field['code'] }}" class="num" name="{{ $field['code'] }}" size="8" maxlength="20" autocomplete="off"
                @if($loop->first) autofocus @endif><small>{{ $field['wanted'] === '' ? ' ' : $field['wanted'] }}</small></label>
    @endforeach
    <button class="button">Log it</button>
    <x-live-error id="values" />
    @foreach([...array_column($card->fields, 'code'), 'operation'] as $field)<x-field-error :name="$field" />@endforeach
</form>
@endif
@if($card->lines !== [])
<table class="bench-table">
    <thead>
        <tr>
            <th scope="col">when</th>
            @foreach($card->fields as $field)<th scope="col">{{ $field['label'] }}</th>@endforeach
            <th scope="col">who</th>
        </tr>
    </thead>
    <tbody>
        @foreach($card->lines as $line)
            <tr>
                <th scope="row">{{ $line['at'] }}</th>
                @foreach($card->fields as $field)
                    @php($value = $line['values'][$field['code']] ?? null)
                    <td class="num {{ ($value['isOut'] ?? false) ? 'bad' : '' }}">
                        {{ ($value['isOut'] ?? false) ? '▲ ' : '' }}{{ $value['text'] ?? '–' }}
                    </td>
                @endforeach
                <td>{{ $line['who'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
