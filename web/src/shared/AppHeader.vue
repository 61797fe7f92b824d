<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { usePlace } from '../api/places.ts'
import { useTheme } from '../ui/use-theme.ts'
import { usePalette } from './palette/use-palette.ts'

const theme = useTheme()
const palette = usePalette()
const { place } = usePlace()
</script>

<template>
  <header class="no-print">
    <RouterLink :to="{ name: 'estate' }" class="brand">
      <span class="ribbon-mark" aria-hidden="true" />
      <span class="brand-word">Spudder</span>
    </RouterLink>
    <span v-if="place" class="place">{{ place.name }}</span>
    <nav aria-label="Everywhere">
      <RouterLink :to="{ name: 'dates' }">Dates</RouterLink>
      <RouterLink :to="{ name: 'record' }">Record</RouterLink>
      <RouterLink :to="{ name: 'shelf' }">Shelf</RouterLink>
      <RouterLink :to="{ name: 'sprayers' }" class="wide">Sprayers</RouterLink>
      <RouterLink :to="{ name: 'reference' }" class="wide">Reference</RouterLink>
    </nav>
    <div class="tools">
      <Button size="small" class="quiet" @click="palette.open()">Go to … <kbd>/</kbd></Button>
      <Button size="small" class="quiet theme" @click="theme.toggle()">
        {{ theme.isDark ? 'Light' : 'Dark' }}
      </Button>
    </div>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 10px 20px;
  min-height: 52px;
}
.brand {
  display: flex;
  align-items: center;
  gap: 9px;
  font-weight: 680;
  font-size: 1.08rem;
  text-decoration: none;
  letter-spacing: -0.01em;
}
.ribbon-mark {
  width: 26px;
  height: 10px;
  border-radius: 2px;
  background: linear-gradient(90deg, #efe389, #a9c04a 45%, #1f5a2c);
  box-shadow: inset 12px 0 0 -11px var(--ink);
}
.place {
  color: var(--slate);
}
nav {
  margin-left: auto;
  display: flex;
  gap: 4px;
}
nav a {
  text-decoration: none;
  color: var(--slate);
  padding: 6px 9px;
  border-radius: var(--radius);
}
nav .router-link-active {
  color: var(--ink);
  font-weight: 600;
}
.tools {
  display: flex;
  gap: 8px;
}
.quiet {
  border: 1px solid var(--line);
  background: none;
  border-radius: var(--radius);
  padding: 5px 11px;
  min-height: 34px;
  cursor: pointer;
  color: var(--slate);
}
kbd {
  border: 1px solid var(--strong-line);
  border-radius: 4px;
  padding: 0 5px;
  font: inherit;
  font-size: 0.8rem;
}
@media (width < 700px) {
  header {
    padding: 8px 10px;
    gap: 10px;
  }
  /* These are in the list behind "Go to" as well. */
  .wide,
  .place,
  .theme,
  kbd {
    display: none;
  }
  nav a {
    padding: 8px 5px;
  }
  .quiet {
    white-space: nowrap;
  }
  /* Its mark stands for it where the words would push the list out. */
  .brand-word {
    position: absolute;
    clip-path: inset(50%);
  }
}
</style>
