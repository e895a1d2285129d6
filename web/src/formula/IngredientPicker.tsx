import { useCombobox } from "downshift";
import { useMemo, useState } from "react";
import type { Ingredient } from "../api";
import { Swatch } from "../parts";
import { groupWords } from "../words";

const SHOWN = 9;

interface IngredientPickerProps {
  ingredients: Ingredient[];
  value: string;
  label: string;
  placeholder?: string;
  error?: string | null;
  onPick: (ingredient: Ingredient) => void;
}

/** Finds an ingredient by any part of its name, code or group. */
export function IngredientPicker({
  ingredients,
  value,
  label,
  placeholder = "flour, vegetable, water…",
  error,
  onPick,
}: IngredientPickerProps) {
  const chosen = ingredients.find((ingredient) => ingredient.code === value) ?? null;
  const [query, setQuery] = useState<string | null>(null);
  const found = useMemo(() => search(ingredients, query ?? ""), [ingredients, query]);
  const box = useCombobox({
    items: found,
    itemToString: (item) => item?.name ?? "",
    selectedItem: chosen,
    inputValue: query ?? chosen?.name ?? value,
    defaultHighlightedIndex: 0,
    onIsOpenChange: ({ isOpen }) => {
      if (!isOpen) {
        setQuery(null);
      }
    },
    onSelectedItemChange: ({ selectedItem }) => {
      setQuery(null);
      if (selectedItem) {
        onPick(selectedItem);
      }
    },
  });

  return (
    <div className="relative">
      <input
        {...box.getInputProps({
          "aria-label": label,
          onFocus: (event) => event.target.select(),
          // Taken here and not from the combobox's own change: that comes too late for quick typing.
          onChange: (event) => setQuery(event.currentTarget.value),
          onKeyDown: (event) => {
            if (event.key === "Escape" && !box.isOpen) {
              Object.assign(event.nativeEvent, { preventDownshiftDefault: true });
            }
          },
        })}
        aria-invalid={error ? true : undefined}
        title={chosen?.name}
        data-field="ingredient"
        placeholder={placeholder}
        className="quiet-field truncate"
      />
      <ul
        {...box.getMenuProps({ "aria-label": "ingredients" })}
        className={`bg-base-100 hairline absolute top-full left-0 z-20 mt-1 w-80 overflow-hidden rounded-lg border shadow-xl ${box.isOpen ? "" : "hidden"}`}
      >
        {box.isOpen && found.length === 0 && (
          <li className="soft px-3 py-2 text-sm">Nothing in the pantry matches “{query}”.</li>
        )}
        {box.isOpen &&
          found.map((item, index) => (
            <li
              key={item.code}
              {...box.getItemProps({ item, index })}
              className={`flex items-center gap-2 px-3 py-1.5 text-sm ${box.highlightedIndex === index ? "bg-base-300" : ""}`}
            >
              <Swatch material={item.material} size={18} />
              <span className="min-w-0 flex-1 truncate">{item.name}</span>
              <span className="soft shrink-0 truncate text-xs">{groupWords(item.group)}</span>
            </li>
          ))}
      </ul>
    </div>
  );
}

/** Ingredients in whose name, code or group every word stands; those that begin with the words come first. */
function search(ingredients: Ingredient[], query: string): Ingredient[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const text = ({ name, code, group }: Ingredient) => `${name} ${code} ${group}`.toLowerCase();
  const begins = (ingredient: Ingredient) =>
    words.every((word) =>
      text(ingredient)
        .split(/[^\p{L}\p{N}]+/u)
        .some((part) => part.startsWith(word)),
    );
  return ingredients
    .filter((ingredient) => words.every((word) => text(ingredient).includes(word)))
    .sort((one, two) => Number(begins(two)) - Number(begins(one)))
    .slice(0, SHOWN);
}
