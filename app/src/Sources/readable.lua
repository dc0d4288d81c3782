-- What a document shows as text, and nothing a reader of plain text could not use: no pictures, no addresses but those
-- somebody could write to or open, and tables whose cells hold lists or several paragraphs told row by row.

local OPENS = { "^https?://", "^mailto:", "^tel:" }

function Image(image)
  return image.caption
end

function Div(div)
  return div.content
end

function Span(span)
  return span.content
end

function Link(link)
  local shown = pandoc.utils.stringify(link.content)
  for _, start in ipairs(OPENS) do
    if link.target:find(start) then
      local address = link.target:gsub("^mailto:", ""):gsub("^tel:", ""):gsub("%?subject=.*$", "")
      local bare = address:gsub("^https?://", ""):gsub("/$", "")
      if shown:find(bare, 1, true) then
        return link.content
      end
      if shown == "" then
        return { pandoc.Str(address) }
      end
      link.content:extend({ pandoc.Space(), pandoc.Str("(" .. address .. ")") })
      return link.content
    end
  end
  return link.content
end

local function isLine(cell)
  if #cell == 0 then
    return true
  end
  if #cell > 1 or (cell[1].t ~= "Plain" and cell[1].t ~= "Para") then
    return false
  end
  for _, inline in ipairs(cell[1].content) do
    if inline.t == "LineBreak" then
      return false
    end
  end
  return true
end

local function isGrid(grid)
  for _, row in ipairs(grid.rows) do
    for _, cell in ipairs(row) do
      if not isLine(cell) then
        return false
      end
    end
  end
  for _, cell in ipairs(grid.headers) do
    if not isLine(cell) then
      return false
    end
  end
  return true
end

local function asHead(cell)
  if #cell > 1 or not isLine(cell) then
    return cell
  end
  local bare = pandoc.walk_block(cell[1], { Strong = function(strong) return strong.content end })
  return { pandoc.Para({ pandoc.Strong(bare.content) }) }
end

local function told(row)
  local filled = pandoc.List()
  for _, cell in ipairs(row) do
    if #cell > 0 then
      filled:insert(cell)
    end
  end
  local blocks = pandoc.List()
  for place, cell in ipairs(filled) do
    blocks:extend(place == 1 and #filled > 1 and asHead(cell) or cell)
  end
  return blocks
end

function Table(grid)
  grid = pandoc.utils.to_simple_table(grid)
  if #grid.aligns > 1 and isGrid(grid) then
    return nil
  end
  local blocks = told(grid.headers)
  for _, row in ipairs(grid.rows) do
    blocks:extend(told(row))
  end
  return blocks
end
